package org.antevid.app.house.web;

import static org.antevid.app.reader.Given.or;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.house.TreeTemplate;
import org.antevid.app.house.TreeTemplates;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.core.lay.Means;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.words.Answer;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/house/templates")
public class TreeTemplateController {
    /**
     * What a tree of this sort begins with; what is left out is asked for.
     *
     * @param leanDeg 0: none seen
     * @param version of the template that is changed
     */
    record TemplateRequest(
            @NotBlank @Size(max = 40) String name,
            Optional<Species> species,
            Optional<Condition> wood,
            Optional<Double> leanDeg,
            Optional<Means.Kind> means,
            Long version) {
        TreeTemplate template() {
            return new TreeTemplate(name.strip(), or(species), or(wood), or(leanDeg), or(means));
        }
    }

    /** @param words what it says of the tree, one after the other */
    record TemplateView(
            String id,
            String name,
            Optional<Species> species,
            Optional<Condition> wood,
            Optional<Double> leanDeg,
            Optional<Means.Kind> means,
            List<String> words,
            long version) {}

    private final TreeTemplates templates;

    TreeTemplateController(TreeTemplates templates) {
        this.templates = templates;
    }

    /** The sorts of tree the house meets most, by name. */
    @GetMapping
    List<TemplateView> all() {
        return templates.all().stream()
                .map(e -> new TemplateView(
                        e.id(),
                        e.template().name(),
                        e.template().species(),
                        e.template().wood(),
                        e.template().leanDeg(),
                        e.template().means(),
                        words(e.template()),
                        e.version()))
                .toList();
    }

    private static List<String> words(TreeTemplate t) {
        return Stream.<Optional<? extends Enum<?>>>of(t.species(), t.wood(), t.means())
                .flatMap(Optional::stream)
                .map(Speech.words()::term)
                .toList();
    }

    /** Adds a sort of tree; the owner alone. */
    @PostMapping
    ResponseEntity<Created> add(@Validated @RequestBody TemplateRequest t, @AuthenticationPrincipal SignedIn me) {
        OwnerOnly.require(me, Answer.OWNER_CHANGES_TEMPLATES);
        return Created.at(templates.add(t.template()));
    }

    /** Changes a sort of tree. */
    @PutMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(
            @PathVariable String id, @Validated @RequestBody TemplateRequest t, @AuthenticationPrincipal SignedIn me) {
        OwnerOnly.require(me, Answer.OWNER_CHANGES_TEMPLATES);
        templates.change(id, t.template(), t.version);
    }

    /** Takes a sort of tree off the list; trees that began with it stay as they are. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id, @RequestParam long version, @AuthenticationPrincipal SignedIn me) {
        OwnerOnly.require(me, Answer.OWNER_CHANGES_TEMPLATES);
        templates.remove(id, version);
    }
}
