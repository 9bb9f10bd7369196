/** Places and motions in space. */
package cufflink.core.space;
