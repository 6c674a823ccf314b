<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit\Questions;

use JackRest\Core\Basis;
use JackRest\Core\Fit\ChiselFit;
use JackRest\Core\Fit\ChiselFitInput;
use JackRest\Core\Fit\ChiselFitResult;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Fit\Fit;
use JackRest\Desk\Fit\FitResult;
use JackRest\Desk\Fit\FitRow;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** Every chisel at hand against a gap between tails and a mortise. */
final readonly class ChiselQuestion implements Fit
{
    private const KINDS = ['bench-chisel', 'mortise-chisel', 'paring-chisel'];

    public function fields(): array
    {
        return [
            new FormField('pin', Quantity::Length, 1, 100, 'narrowest gap between tails', expected: 8, begins: 8),
            new FormField('thickness', Quantity::Length, 3, 100, 'board thickness', expected: 22, begins: 22),
            new FormField('mortise', Quantity::Length, 2, 60, 'width of a mortise', expected: 10),
        ];
    }

    public function answer(array $values, Hardness $hardness, array $tools, LengthFormatter $format): FitResult
    {
        $chisels = array_values(
            array_filter($tools, static fn (ToolAtHand $tool): bool => in_array($tool->kind, self::KINDS, true)),
        );
        usort($chisels, static fn (ToolAtHand $a, ToolAtHand $b): int => $b->sizes()['width'] <=> $a->sizes()['width']);
        $fit = (new ChiselFit())(
            new ChiselFitInput(
                array_map(static fn (ToolAtHand $tool): float => $tool->sizes()['width'], $chisels),
                $values['pin'],
                $values['thickness'],
                7.0,
                $values['mortise'] ?? null,
            ),
        );
        $rows = array_map(static fn (ToolAtHand $tool): FitRow => self::row($tool, $fit, $values, $format), $chisels);
        usort(
            $rows,
            static fn (FitRow $a, FitRow $b): int => [! $a->good, $b->draw['widthMm']] <=> [
                ! $b->good,
                $a->draw['widthMm'],
            ],
        );

        return new FitResult(
            $rows,
            new Advice(
                self::next($fit, $values, $format),
                'A chisel wider than the gap bruises the tails. The pin is '.
                    $format->dimension($fit->pinWideMm ?? 0.0).
                    ' wide on its other face, at 1:7.',
            ),
            [
                new Explanation(
                    'How wide is the pin behind?',
                    'wide side = narrow side + 2 · thickness ÷ slope',
                    LengthFormatter::decimal($values['pin'], 1).
                        ' + 2 · '.
                        LengthFormatter::decimal($values['thickness'], 1).
                        ' ÷ 7 = '.
                        LengthFormatter::decimal($fit->pinWideMm ?? 0.0, 1).
                        ' mm',
                    Basis::CommonPractice,
                    'Plain geometry, for a slope of 1:7.',
                ),
            ],
        );
    }

    /** @param  array<string, float>  $values */
    private static function row(ToolAtHand $tool, ChiselFitResult $fit, array $values, LengthFormatter $format): FitRow
    {
        $width = $tool->sizes()['width'];
        $goesIn = in_array($width, $fit->intoGapMm, true) && $tool->kind !== 'mortise-chisel';
        $mortise = match (true) {
            ! isset($values['mortise']) => '',
            $fit->justForMortiseMm === $width => '; as wide as the mortise',
            $width < $values['mortise'] => '; narrower than the mortise: chop, then pare',
            default => '; too wide for the mortise',
        };
        $good = $goesIn || $fit->justForMortiseMm === $width;

        return new FitRow(
            $tool->name,
            $good,
            match (true) {
                $fit->bestForGapMm === $width && $goesIn => 'take it for the waste',
                $fit->justForMortiseMm === $width => 'take it for the mortise',
                $goesIn => 'goes in',
                default => 'too wide',
            },
            ($goesIn
                ? 'goes between the tails'
                : ($tool->kind === 'mortise-chisel'
                    ? 'too thick for a tail’s corner'
                    : 'does not go between the tails')).$mortise,
            [
                'widthMm' => $width,
                'pinMm' => $values['pin'],
                'pinWideMm' => $fit->pinWideMm ?? $values['pin'],
                'thicknessMm' => $values['thickness'],
            ],
            (int) $tool->id,
            caption: $format->dimension($width),
        );
    }

    /** @param  array<string, float>  $values */
    private static function next(ChiselFitResult $fit, array $values, LengthFormatter $format): string
    {
        $gap =
            $fit->bestForGapMm === null
                ? "No chisel of yours goes into {$format->dimension($values['pin'])}."
                : "Take the {$format->dimension($fit->bestForGapMm)} chisel for the waste.";
        $mortise = match (true) {
            ! isset($values['mortise']) => '',
            $fit->justForMortiseMm !== null => " The {$format->dimension($fit->justForMortiseMm)} is as wide as the "
                .'mortise.',
            $fit->bestForMortiseMm !== null => ' The mortise: chop with the '
                ."{$format->dimension($fit->bestForMortiseMm)}, pare to the lines.",
            default => ' No chisel of yours goes into the mortise.',
        };

        return $gap.$mortise;
    }
}
