package org.antevid.app.takedown.web;

import java.io.IOException;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.reader.FileAnswer;
import org.antevid.app.sheet.SheetPdf;
import org.antevid.app.sheet.SheetSvg;
import org.antevid.app.takedown.PieceFiles;
import org.antevid.app.takedown.web.TakedownViews.TakedownView;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The pieces of a tree as a table, out and in, and on paper. */
@RestController
@RequestMapping("/api/jobs/{job}/takedown/stems/{stem}")
public class PieceFilesController {
    private final PieceFiles files;

    PieceFilesController(PieceFiles files) {
        this.files = files;
    }

    /** The pieces that are kept, one a row, with columns that name their units. */
    @GetMapping(value = "/pieces.csv", produces = "text/csv")
    @Needs(Needs.Right.READ)
    ResponseEntity<String> pieceTable(@PathVariable String job, @PathVariable String stem) {
        return FileAnswer.csv(files.csv(job, stem), "pieces.csv");
    }

    /** Such a table as a plan with the limbs and gear that are kept; nothing is kept of it before the leader does. */
    @PostMapping(value = "/pieces", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Needs(Needs.Right.LEAD)
    TakedownView readPieces(
            @PathVariable String job, @PathVariable String stem, @RequestParam("file") MultipartFile file)
            throws IOException {
        return TakedownViews.view(files.read(job, stem, file.getBytes()), Optional.empty());
    }

    /** The tree from the side with its cuts, and each piece beside it, as a drawing. */
    @GetMapping(value = "/sheet.svg", produces = "image/svg+xml")
    @Needs(Needs.Right.READ)
    ResponseEntity<byte[]> piecesSvg(@PathVariable String job, @PathVariable String stem) {
        return FileAnswer.svg(SheetSvg.of(files.sheet(job, stem)), "pieces.svg");
    }

    /** The same on A4. */
    @GetMapping(value = "/sheet.pdf", produces = "application/pdf")
    @Needs(Needs.Right.READ)
    ResponseEntity<byte[]> piecesPdf(@PathVariable String job, @PathVariable String stem) {
        return FileAnswer.pdf(SheetPdf.of(files.sheet(job, stem)), "pieces.pdf");
    }
}
