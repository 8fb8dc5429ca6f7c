package org.antevid.app.people;

/** Somebody of the company was added or proves themselves otherwise now. */
public record PeopleChanged() {}
