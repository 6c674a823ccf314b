<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\ToolsToHang;
use App\Models\Bench;
use App\Models\ShadowBoard;
use App\Print\PrintedSheet;
use Illuminate\Http\Response;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Print\Tile;
use JackRest\Desk\ShadowBoard\ShadowBoardPrint;

/** A shadow board at true size: all its sheets as PDF; one sheet, or the whole board in one drawing, as SVG. */
final class PrintShadowBoard
{
    public function __invoke(Bench $bench, ShadowBoard $shadowBoard, string $what, string $kind, LengthFormatter $format): Response
    {
        $sheet = ToolsToHang::sheet($bench, $shadowBoard, $format);
        [$panel, $arrangement] = [$sheet->panel, $sheet->arrangement];
        if ($panel === null || $arrangement === null || $arrangement->hung === []) {
            throw InvalidInput::because('tools', 'Nothing hangs on this board.');
        }
        $title = ucfirst($shadowBoard->name);
        if ($what === 'whole' && $kind === 'svg') {
            return PrintedSheet::svg(ShadowBoardPrint::whole($title, $panel, $arrangement), 'shadow-board');
        }
        $tiles = ShadowBoardPrint::tiles($title, $panel, $arrangement);
        if ($what === 'sheets' && $kind === 'pdf') {
            return PrintedSheet::pdf($title, [ShadowBoardPrint::overview($title, $panel, $arrangement, $tiles), ...array_map(static fn (Tile $tile) => $tile->sheet, $tiles)], 'shadow-board');
        }

        return PrintedSheet::tile($tiles, $what, $kind, 'shadow-board');
    }
}
