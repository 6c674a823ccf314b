<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenEdgeSheetRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Edge;
use App\Models\EdgeEvent;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\EdgeHistory\EdgeEntry as CoreEvent;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\Measure\LengthFormatter;

/** Keeps a measured bevel angle as the one on record. */
final class RecordBevel
{
    public function __invoke(SeenEdgeSheetRequest $request, Ledger $ledger, Edge $edge, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($edge, $ledger->bench, $format);
        if ($sheet->angle === null || $sheet->measured === null) {
            throw InvalidInput::because('bevelLength', 'Measure bevel length and thickness first.');
        }
        $deg = LengthFormatter::fixed($sheet->angle->angleDeg, 1);
        $give = LengthFormatter::fixed($sheet->angle->uncertaintyDeg, 1);
        $blade = $sheet->blade;
        $event = new CoreEvent(EdgeEntryKind::Measured, Carbon::now()->toIso8601ZuluString(), deg: $sheet->angle->angleDeg, giveDeg: $sheet->angle->uncertaintyDeg, note: 'ground bevel');
        $ledger->record('measured-bevel', $edge->name, "Bevel of the {$edge->name} measured: {$deg}° ± {$give}°.", static function (Changes $changes) use ($edge, $blade, $event, $request): void {
            $changes->update($edge, [
                'primary_deg' => $blade->primaryDeg,
                'secondary_deg' => $blade->secondaryDeg,
                'thickness_mm' => $blade->thicknessMm,
            ], $request->version());
            $changes->create($edge->events(), ['bench_id' => $edge->bench_id, ...EdgeEvent::columns($event)]);
        });

        return (new ShowEdge)($ledger->bench, $edge, $format);
    }
}
