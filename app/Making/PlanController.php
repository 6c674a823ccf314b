<?php

declare(strict_types=1);

namespace App\Making;

use App\Bench\Bench;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Making\Answer\MakingAnswer;
use App\Making\Answer\PlanNeedsAnswer;
use App\Making\Answer\PlanPreviewAnswer;
use App\Making\Answer\PlansAnswer;
use App\Print\PrintedSheet;
use Illuminate\Http\Response;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\WoodBlank;
use JackRest\Desk\Making\Assigned;
use JackRest\Desk\Making\MakingStep;
use JackRest\Desk\Making\PlanKind;
use JackRest\Desk\Print\Tile;

/** Plans of references and bench tools, from sizes of one’s own. */
final class PlanController
{
    public function index(Bench $bench, LengthFormatter $format): PlansAnswer
    {
        return PlanResource::all($bench, $format);
    }

    /** A plan with its sizes chosen: drawing, parts and steps; writes nothing. */
    public function preview(PlanRequest $request, PlanKind $plan, LengthFormatter $format): PlanPreviewAnswer
    {
        return PlanResource::preview($request->form($plan, $format), $format);
    }

    /** The wood it comes from, and what the kit lacks for it; writes nothing. */
    public function needs(PlanRequest $request, Bench $bench, PlanKind $plan, LengthFormatter $format): PlanNeedsAnswer
    {
        $form = $request->form($plan, $format);

        return PlanNeeds::of($form, new CuttingOfBench($bench, $form, $request->chosen(), $format), $bench, $format);
    }

    /**
     * Begins to make a plan: its parts are cut off the blanks they come from.
     *
     * @return Created<MakingAnswer>
     */
    public function make(BeginMakingRequest $request, Ledger $ledger, PlanKind $plan, LengthFormatter $format): Created
    {
        $form = $request->form($plan, $format);
        $form->form->soundOrRefuse('figures');
        $cutting = new CuttingOfBench($ledger->bench, $form, $request->chosen(), $format);
        foreach ($cutting->list->rows as $row) {
            if ($row->wrong !== null) {
                throw InvalidInput::because("blanks.{$row->part->key}", $row->wrong);
            }
        }
        $name = $request->title() === '' ? $plan->label() : $request->title();
        $columns = [
            'plan' => $plan,
            'name' => $name,
            'sizes' => $form->sizes->all(),
            'steps' => array_map(
                static fn (MakingStep $step): array => get_object_vars($step),
                $form->making->steps($format),
            ),
            'wood' => self::wood($cutting->list->rows[0]),
        ];
        $making = null;
        $ledger->record('making-begun', $name, "Began to make the $name.", static function (Changes $changes) use (
            $columns,
            $cutting,
            &$making,
        ): void {
            foreach ($cutting->list->taken() as $id => $mm) {
                $blank = $cutting->blanks->get((int) $id);
                assert($blank !== null);
                $changes->update($blank, ['length_mm' => max(0.0, $blank->length_mm - $mm)]);
            }
            $making = $changes->create(Making::of($changes->bench), $columns);
        });
        assert($making instanceof Making);

        return new Created(MakingResource::of($making, $format));
    }

    /** A plan's template at true size: all sheets as PDF; one sheet, or all of it in one drawing, as SVG. */
    public function print(
        PlanTemplateRequest $request,
        PlanKind $plan,
        string $what,
        string $kind,
        LengthFormatter $format,
    ): Response {
        $template = $request->template($plan, $format);
        if ($what === 'whole') {
            return PrintedSheet::answer($template->whole(), $kind, $plan->value);
        }
        if ($what === 'sheets' && $kind === 'pdf') {
            return PrintedSheet::pdf(
                ucfirst($plan->label()),
                array_map(static fn (Tile $tile) => $tile->sheet, $template->tiles()),
                $plan->value,
            );
        }

        return PrintedSheet::tile($template->tiles(), $what, $kind, $plan->value);
    }

    /** @return array<string, string|float>|null the wood of the part that decides how the reference moves: the first */
    private static function wood(Assigned $row): ?array
    {
        $blank = $row->from?->blank;

        return $blank === null
            ? null
            : [
                'species' => $blank->species->name,
                'ringDeg' => $blank->ringDeg,
                'runoutDeg' => $blank->runoutDeg ?? WoodBlank::UNKNOWN_RUNOUT_DEG,
                'thicknessMm' => $row->part->wanted->thicknessMm,
            ];
    }
}
