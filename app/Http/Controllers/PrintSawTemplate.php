<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SawTemplateRequest;
use App\Models\Tool;
use App\Print\PrintedSheet;
use Illuminate\Http\Response;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Filing\SawTemplatePrint;
use JackRest\Desk\Print\Tile;

/** Where new teeth are filed, at true size: all sheets as PDF; one sheet, or the whole strip, as SVG. */
final class PrintSawTemplate
{
    public function __invoke(SawTemplateRequest $request, Tool $saw, string $what, string $kind, LengthFormatter $format): Response
    {
        $sheet = $request->template($format);
        [$template, $relaxed] = [$sheet->template, $sheet->relaxed()];
        assert($template !== null);
        if ($what === 'whole') {
            return PrintedSheet::answer(SawTemplatePrint::whole($saw->name, $template, $relaxed, $format), $kind, 'saw-template');
        }
        $tiles = SawTemplatePrint::tiles($saw->name, $template, $relaxed, $format);
        if ($what === 'sheets' && $kind === 'pdf') {
            return PrintedSheet::pdf("Teeth for the {$saw->name}", array_map(static fn (Tile $tile) => $tile->sheet, $tiles), 'saw-template');
        }

        return PrintedSheet::tile($tiles, $what, $kind, 'saw-template');
    }
}
