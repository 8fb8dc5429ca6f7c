package org.antevid.app.takedown.web;

import java.util.List;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.takedown.TakedownFiles;
import org.antevid.app.takedown.web.TakedownFile.PlannedTree;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** All plans of pieces of a job as JSON, out and in. */
@RestController
@RequestMapping("/api/jobs/{job}/takedown/file")
class TakedownFilesController {
    /** What a file brought. */
    record TreesRead(int trees) {}

    private final TakedownFiles files;

    TakedownFilesController(TakedownFiles files) {
        this.files = files;
    }

    /** The plans that are kept, as JSON. */
    @GetMapping
    @Needs(Needs.Right.READ)
    TakedownFile takedownFile(@PathVariable String job) {
        return new TakedownFile(
                TakedownFile.FORMAT,
                files.out(job).stream().map(PlannedTree::of).toList());
    }

    /** Reads such a file as new plans of its trees; all of it or nothing. */
    @PostMapping
    @Needs(Needs.Right.LEAD)
    TreesRead readTakedown(
            @PathVariable String job,
            @Validated @RequestBody TakedownFile file,
            @AuthenticationPrincipal SignedIn who) {
        if (!TakedownFile.FORMAT.equals(file.format())) {
            throw new RefusedInput(
                    Message.of(Refusal.UNKNOWN_FORMAT).with("right", Arg.name(TakedownFile.FORMAT)), "format");
        }
        List<TakedownFiles.OfTree> trees =
                file.trees().stream().map(PlannedTree::forService).toList();
        return new TreesRead(files.in(job, trees, who));
    }
}
