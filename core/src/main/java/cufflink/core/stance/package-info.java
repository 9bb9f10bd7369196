/** Whether an opened card stands, and how far it can be tilted before it falls. */
package cufflink.core.stance;
