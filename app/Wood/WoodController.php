<?php

declare(strict_types=1);

namespace App\Wood;

use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use App\Wood\Answer\WoodAnswer;
use App\Wood\Answer\WoodPreviewAnswer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Species;

/** How far a piece of wood moves. */
final class WoodController
{
    /** The woods that are listed, with how much they shrink. */
    public function show(): WoodAnswer
    {
        $pct = static fn (float $value): string => LengthFormatter::decimal($value, 1);

        return new WoodAnswer(
            species: array_map(
                static fn (Species $species): WordAnswer => new WordAnswer(
                    value: $species->name,
                    label: "$species->name ({$pct($species->radialPct)} / {$pct($species->tangentialPct)} %)",
                ),
                Species::all(),
            ),
        );
    }

    /** How a piece moves between two airs; writes nothing. */
    public function preview(WoodRequest $request, LengthFormatter $format): WoodPreviewAnswer
    {
        $form = $request->form($format);
        $movement = $form->movement;

        return new WoodPreviewAnswer(
            figures: $form->form->readings,
            changeMm: $movement?->changeMm,
            change: $movement === null ? null : $format->small(abs($movement->changeMm)),
            rotationDeg: $movement?->rotationDeg,
            ringDeg: $form->form->value('ring') ?? 0.0,
            widthMm: $form->form->value('width'),
            lines: $form->lines(),
            next: NextAnswer::of($form->next()),
            how: $form->how(),
        );
    }
}
