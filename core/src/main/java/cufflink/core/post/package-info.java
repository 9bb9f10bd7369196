/** Whether a finished card goes by post, and as what. */
package cufflink.core.post;
