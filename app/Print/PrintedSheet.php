<?php

declare(strict_types=1);

namespace App\Print;

use Illuminate\Http\Response;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\Print\Tile;

/** Sheets as they leave: SVG or PDF, shown in the browser. */
final class PrintedSheet
{
    public static function answer(Sheet $sheet, string $kind, string $name): Response
    {
        return $kind === 'pdf' ? self::pdf($sheet->title, [$sheet], $name) : self::svg($sheet, $name);
    }

    public static function svg(Sheet $sheet, string $name): Response
    {
        return new Response(SvgSheet::write($sheet), 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => "inline; filename=\"$name.svg\"",
        ]);
    }

    /**
     * One sheet of several, by its name.
     *
     * @param  list<Tile>  $tiles
     */
    public static function tile(array $tiles, string $which, string $kind, string $name): Response
    {
        foreach ($tiles as $tile) {
            if ($tile->name === $which) {
                return self::answer($tile->sheet, $kind, "$name-{$tile->name}");
            }
        }
        abort(404);
    }

    /** @param  list<Sheet>  $sheets */
    public static function pdf(string $title, array $sheets, string $name): Response
    {
        return new Response(PdfSheet::write($title, ...$sheets), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"$name.pdf\"",
        ]);
    }
}
