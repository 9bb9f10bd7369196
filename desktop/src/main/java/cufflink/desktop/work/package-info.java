/** What is being worked on: the job, its history and all that follows from it. */
package cufflink.desktop.work;
