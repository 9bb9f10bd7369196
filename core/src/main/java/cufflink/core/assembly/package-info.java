/** The paper of a card that hangs together: facets, what joins them, and where they lie. */
package cufflink.core.assembly;
