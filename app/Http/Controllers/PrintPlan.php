<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanTemplateRequest;
use App\Print\PrintedSheet;
use Illuminate\Http\Response;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Making\PlanKind;
use JackRest\Desk\Print\Tile;

/** A plan's template at true size: all sheets as PDF; one sheet, or all of it in one drawing, as SVG. */
final class PrintPlan
{
    public function __invoke(PlanTemplateRequest $request, PlanKind $plan, string $what, string $kind, LengthFormatter $format): Response
    {
        $template = $request->template($plan, $format);
        if ($what === 'whole') {
            return PrintedSheet::answer($template->whole(), $kind, $plan->value);
        }
        if ($what === 'sheets' && $kind === 'pdf') {
            return PrintedSheet::pdf(ucfirst($plan->label()), array_map(static fn (Tile $tile) => $tile->sheet, $template->tiles()), $plan->value);
        }

        return PrintedSheet::tile($template->tiles(), $what, $kind, $plan->value);
    }
}
