package cufflink.core.words;

/**
 * Something in a message that its speaker writes in a way of his own: a length, on the marks of
 * whoever reads it.
 */
public interface Detail {}
