<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\CuttingOfBench;
use App\Http\Requests\BeginMakingRequest;
use App\Http\Resources\MakingResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Making;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\WoodBlank;
use JackRest\Desk\Making\Assigned;
use JackRest\Desk\Making\MakingStep;
use JackRest\Desk\Making\PlanKind;

/** Begins to make a plan: its parts are cut off the blanks they come from. */
final class BeginMaking
{
    public function __invoke(BeginMakingRequest $request, Ledger $ledger, PlanKind $plan, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($plan, $format);
        $sheet->form->soundOrRefuse('figures');
        $cutting = new CuttingOfBench($ledger->bench, $sheet, $request->chosen(), $format);
        foreach ($cutting->list->rows as $row) {
            if ($row->wrong !== null) {
                throw InvalidInput::because("blanks.{$row->part->key}", $row->wrong);
            }
        }
        $name = $request->title() === '' ? $plan->label() : $request->title();
        $columns = [
            'plan' => $plan,
            'name' => $name,
            'sizes' => $sheet->sizes->all(),
            'steps' => array_map(static fn (MakingStep $step): array => get_object_vars($step), $sheet->making->steps($format)),
            'wood' => self::wood($cutting->list->rows[0]),
        ];
        $making = null;
        $ledger->record('making-begun', $name, "Began to make the $name.", static function (Changes $changes) use ($columns, $cutting, &$making): void {
            foreach ($cutting->list->taken() as $id => $mm) {
                $blank = $cutting->blanks->get((int) $id);
                assert($blank !== null);
                $changes->update($blank, ['length_mm' => max(0.0, $blank->length_mm - $mm)]);
            }
            $making = $changes->create($changes->bench->makings(), $columns);
        });
        assert($making instanceof Making);

        return new JsonResponse(MakingResource::of($making, $format), 201);
    }

    /** @return array<string, string|float>|null the wood of the part that decides how the reference moves: the first */
    private static function wood(Assigned $row): ?array
    {
        $blank = $row->from?->blank;

        return $blank === null ? null : ['species' => $blank->species->name, 'ringDeg' => $blank->ringDeg, 'runoutDeg' => $blank->runoutDeg ?? WoodBlank::UNKNOWN_RUNOUT_DEG, 'thicknessMm' => $row->part->wanted->thicknessMm];
    }
}
