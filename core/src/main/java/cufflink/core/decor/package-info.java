/** What a maker adds to a card beside what its construction has: labels, mats and figures. */
package cufflink.core.decor;
