/** A piece laid flat: its facets and the creases between them. */
package cufflink.core.flat;
