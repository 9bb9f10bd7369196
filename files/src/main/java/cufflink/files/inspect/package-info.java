/** What is answered about a finished card before it is made. */
package cufflink.files.inspect;
