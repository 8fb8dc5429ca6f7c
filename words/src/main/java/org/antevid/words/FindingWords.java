package org.antevid.words;

import java.util.Optional;

/** A finding as somebody reads it. */
public record FindingWords(String found, String why, String source, String clears, Optional<String> cleared) {}
