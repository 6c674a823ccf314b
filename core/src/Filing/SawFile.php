<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Calculates;

/**
 * Which triangular file for a saw's teeth.
 *
 * A file's corner works with half a face on either side of it; the other halves belong to the next corners. So that
 * each of the three corners has unworn steel, a face must be twice as wide as the longer flank of a tooth
 * (`saw-teeth`, square to the file). Source: geometry; faces of the usual sizes and the bounds of the table from
 * memory, the table itself common practice.
 */
#[Calculates('saw-file', 'Which triangular file, by geometry and by table')]
final class SawFile
{
    public function __invoke(SawFileInput $saw): SawFileResult
    {
        $teeth = $saw->teeth();
        $needed = 2 * $teeth->flankMm;
        $table = TriangularFile::byTable($teeth->pointsPerInch);

        return new SawFileResult(
            $teeth->flankMm,
            $needed,
            TriangularFile::atLeast($needed),
            $table,
            $table === null ? null : $table->faceMm - $needed,
        );
    }
}
