<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StrokesRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;

/** Strokes really counted through a cut: they correct the saw's own factor. */
final class CountStrokes
{
    public function __invoke(StrokesRequest $request, Ledger $ledger, Tool $tool, LengthFormatter $format): JsonResponse
    {
        if (! isset($tool->toCore()->sizes()['tpi'])) {
            throw InvalidInput::because('strokes', 'Strokes are counted for saws.');
        }
        $values = $request->values($format);
        $sentence = "Counted {$values['strokes']} strokes of the {$tool->name}: ".$format->dimension($values['depth_mm']).' deep in '.$format->dimension($values['thickness_mm'])." of {$values['hardness']->value} wood.";
        $entry = $ledger->record('strokes-counted', $tool->name, $sentence, static function (Changes $changes) use ($tool, $values, $request): void {
            $changes->update($tool, [], $request->version());
            $changes->create($tool->strokeCounts(), $values);
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')), 201);
    }
}
