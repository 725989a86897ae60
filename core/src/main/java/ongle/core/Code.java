package ongle.core;

/**
 * What the core has to say: a code with its arguments, never a sentence. An enum constant, or a
 * record whose components are the arguments; whoever speaks finds the words by its name.
 */
public interface Code {}
