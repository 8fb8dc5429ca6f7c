package org.antevid.app.house;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.house.store.TreeTemplateEntity;
import org.antevid.app.house.store.TreeTemplateRepository;
import org.antevid.app.problem.NotThere;
import org.antevid.app.trace.Trail;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sorts of tree the house meets most, each with what it begins with. No plan rests on them. */
@Service
@Transactional
public class TreeTemplates {
    private final TreeTemplateRepository repository;
    private final Trail trail;

    TreeTemplates(TreeTemplateRepository repository, Trail trail) {
        this.repository = repository;
        this.trail = trail;
    }

    /** A template with its key and version. */
    public record Entry(String id, TreeTemplate template, long version) {}

    public List<Entry> all() {
        return repository.findAllByOrderByName().stream()
                .map(t -> new Entry(
                        t.id,
                        new TreeTemplate(
                                t.name,
                                Optional.ofNullable(t.species),
                                Optional.ofNullable(t.wood),
                                Optional.ofNullable(t.leanDeg),
                                Optional.ofNullable(t.means)),
                        t.version))
                .toList();
    }

    public String add(TreeTemplate template) {
        TreeTemplateEntity t = new TreeTemplateEntity();
        t.id = UUID.randomUUID().toString();
        takes(t, template);
        repository.saveAndFlush(t);
        return t.id;
    }

    public void change(String id, TreeTemplate template, Long version) {
        TreeTemplateEntity t = repository.findById(id).orElseThrow(NotThere::new);
        trail.requireFresh(t, id, t.version, version, t.name);
        takes(t, template);
        repository.saveAndFlush(t);
    }

    public void remove(String id, Long version) {
        TreeTemplateEntity t = repository.findById(id).orElseThrow(NotThere::new);
        trail.requireFresh(t, id, t.version, version, t.name);
        repository.delete(t);
    }

    private static void takes(TreeTemplateEntity t, TreeTemplate template) {
        t.name = template.name();
        t.species = template.species().orElse(null);
        t.wood = template.wood().orElse(null);
        t.leanDeg = template.leanDeg().orElse(null);
        t.means = template.means().orElse(null);
    }
}
