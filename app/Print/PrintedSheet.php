<?php

declare(strict_types=1);

namespace App\Print;

use Illuminate\Http\Response;
use JackRest\Core\Print\Sheet;

/** A sheet as it leaves: SVG or PDF, shown in the browser. */
final class PrintedSheet
{
    public static function answer(Sheet $sheet, string $kind, string $name): Response
    {
        return $kind === 'pdf'
            ? new Response(PdfSheet::write($sheet), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"$name.pdf\""])
            : new Response(SvgSheet::write($sheet), 200, ['Content-Type' => 'image/svg+xml', 'Content-Disposition' => "inline; filename=\"$name.svg\""]);
    }
}
