/** Sheets, envelopes and the sizes they leave for a card. */
package cufflink.core.paper;
