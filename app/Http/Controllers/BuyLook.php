<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EdgesOfTool;
use App\Http\Requests\Price;
use App\Http\Requests\SettleLookRequest;
use App\Http\Resources\Money;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\LookOver;
use App\Models\ToolStatus;
use App\Reference\ReferencesOfTool;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Stall\Looked;

/** The tool was bought: it enters the kit with its list of things to mend. */
final class BuyLook
{
    public function __invoke(SettleLookRequest $request, Ledger $ledger, LookOver $look, LengthFormatter $format): JsonResponse
    {
        abort_if($look->state !== LookOver::OPEN, 409, 'This one is settled already.');
        $price = Price::read('price', $request->string('price')->toString());
        $mends = array_filter($look->toCore($format)->toMend(), static fn (Looked $one): bool => $one->finding->mending !== null && $one->finding->mending->minutes > 0);
        $sheet = $look->toolSheet($format);
        // A size that cannot be read is left to be read at home: the tool is bought all the same.
        $sizes = array_filter($sheet->given, static fn (string $dimension): bool => $sheet->form->readings[$dimension]->error === null, ARRAY_FILTER_USE_KEY);
        $ledger->record('tool-bought', $sheet->name, self::sentence($sheet->name, $price, count($mends)), static function (Changes $changes) use ($look, $sheet, $sizes, $price, $mends, $request, $format): void {
            $tool = $changes->create($changes->bench->tools(), ['kind' => $look->kind, 'name' => $sheet->name, 'status' => ToolStatus::Owned, 'size' => $sizes, 'price' => $price, 'hung_on' => Carbon::now()->toDateString()]);
            EdgesOfTool::bring($changes, $tool, $format);
            ReferencesOfTool::bring($changes, $tool);
            foreach ($mends as $one) {
                $changes->create($changes->bench->mends(), ['tool_id' => $tool->id, 'says' => (string) $one->finding->mending?->says, 'minutes' => (int) $one->finding->mending?->minutes, 'cost' => (float) $one->finding->mending?->cost]);
            }
            $changes->update($look, ['state' => 'bought', 'tool_id' => $tool->id], $request->version());
        });

        return (new ShowLook)($look, $format);
    }

    private static function sentence(string $name, ?float $price, int $mends): string
    {
        $for = $price === null ? '' : ' for '.Money::plain($price);

        return "Bought the $name$for, second-hand.".($mends === 0 ? '' : ($mends === 1 ? ' One thing to mend.' : " $mends things to mend."));
    }
}
