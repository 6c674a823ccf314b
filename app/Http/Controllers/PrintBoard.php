<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\GuideResource;
use App\Models\Bench;
use App\Models\Guide;
use App\Print\PrintedSheet;
use Illuminate\Http\Response;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Guide\BoardLane;
use JackRest\Desk\Guide\ProjectionBoard;

/** The projection board of a guide at true size, with the stops of all its seats. */
final class PrintBoard
{
    public function __invoke(Bench $bench, Guide $guide, string $kind, LengthFormatter $format): Response
    {
        $lanes = [];
        foreach ($bench->guides()->where('name', $guide->name)->oldest('seat')->get() as $seat) {
            foreach (GuideResource::sheet($seat, $format)->stops as $stop) {
                $lanes[] = new BoardLane($stop->angleDeg, $stop->projectionMm, $seat->seat->label());
            }
        }
        if ($lanes === []) {
            throw InvalidInput::because('stops', 'Type the angles you hone at first.');
        }
        $sheet = ProjectionBoard::sheet($guide->name, $lanes, $format);

        return PrintedSheet::answer($sheet, $kind, 'projection-board');
    }
}
