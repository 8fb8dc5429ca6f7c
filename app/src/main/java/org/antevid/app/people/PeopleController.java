package org.antevid.app.people;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.problem.NotAllowed;
import org.antevid.core.crew.Competence;
import org.antevid.core.quantity.RefusedInput;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/people")
class PeopleController {
    record PersonEntry(String id, String name, Office office, List<Competence> competences) {
    }

    record NewPersonRequest(@NotBlank @Size(max = 80) String name, @NotNull Office office, @Size(max = 200) String passphrase,
                            @NotNull Set<Competence> competences) {
    }

    private final People people;

    PeopleController(People people) {
        this.people = people;
    }

    @GetMapping
    List<PersonEntry> all(@AuthenticationPrincipal SignedIn me) {
        if (me.office() == Office.CREW) {
            throw new NotAllowed("Only leaders, reviewers and the owner see the list of people.");
        }
        return people.all();
    }

    @PostMapping
    PersonEntry add(@Validated @RequestBody NewPersonRequest p, @AuthenticationPrincipal SignedIn me) {
        if (me.office() != Office.OWNER) {
            throw new NotAllowed("Only the owner adds people.");
        }
        boolean signsIn = p.office != Office.CREW;
        if (signsIn && (p.passphrase == null || p.passphrase.length() < 10)) {
            throw new RefusedInput("OUT_OF_RANGE", "passphrase", "must have 10 characters or more");
        }
        var added = people.add(p.name, p.office, signsIn ? Optional.of(p.passphrase) : Optional.empty(), p.competences);
        return new PersonEntry(added.id(), added.name(), p.office, added.competences().stream().sorted().toList());
    }
}
