<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\AugersOfBench;
use App\Http\Requests\AugerBitRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Filing\AugerSet;
use JackRest\Core\Measure\LengthFormatter;

/** Writes down what a bit measured; the first time it begins a record of its own. */
final class KeepAugerBit
{
    public function __invoke(AugerBitRequest $request, Ledger $ledger, Tool $auger, LengthFormatter $format): JsonResponse
    {
        $values = $request->values($format);
        $size = $format->dimension($request->sixteenths() * AugerSet::STEP_MM);
        $bit = AugersOfBench::bits($ledger->bench, $auger)->firstWhere('sixteenths', $request->sixteenths());
        abort_if($bit === null && $request->version() > 0, 409, 'This bit was taken back elsewhere.');
        $ledger->record('auger-checked', $auger->name, "Checked the $size bit: {$request->sheet($format)->next()->says}", static function (Changes $changes) use ($bit, $auger, $values, $request): void {
            $bit === null ? $changes->create($changes->bench->augerBits(), ['tool_id' => $auger->id, ...$values]) : $changes->update($bit, [...$values, ...($values['spurs_mm'] === $bit->spurs_mm ? [] : ['spurs_before_mm' => $bit->spurs_mm])], $request->version());
        });

        return (new ShowAuger)($ledger->bench, $auger, $format);
    }
}
