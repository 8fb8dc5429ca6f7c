package org.antevid.core.message;

/**
 * What is said, without the words: implemented by enums, whose name with the constant's is the key in the catalogue.
 */
public interface Code {
    String name();
}
