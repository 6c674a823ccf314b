<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit\Questions;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Fit\ShoulderFit;
use JackRest\Core\Fit\ShoulderFitInput;
use JackRest\Core\Fit\ShoulderVerdict;
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

/** Every shoulder plane at hand at one tenon. */
final readonly class ShoulderQuestion implements Fit
{
    /** Widths they are usually had in, mm. Common practice. */
    private const USUAL = [15.0, 20.0, 30.0];

    public function fields(): array
    {
        return [
            new FormField('stock', Quantity::Length, 5, 200, 'stock thickness', expected: 40, begins: 40),
            new FormField('tenon', Quantity::Length, 2, 150, 'tenon thickness', expected: 10, begins: 10),
            new FormField('groove', Quantity::Length, 2, 60, 'a groove to clean as well', expected: 10),
        ];
    }

    public function answer(array $values, Hardness $hardness, array $tools, LengthFormatter $format): FitResult
    {
        $planes = array_values(
            array_filter($tools, static fn (ToolAtHand $tool): bool => $tool->kind === 'shoulder-plane'),
        );
        $irons =
            $planes === []
                ? self::USUAL
                : array_map(static fn (ToolAtHand $tool): float => $tool->sizes()['iron'], $planes);
        try {
            $fit = (new ShoulderFit())(
                new ShoulderFitInput($values['stock'], $values['tenon'], $irons, $values['groove'] ?? null),
            );
        } catch (InvalidInput $wrong) {
            return new FitResult(
                [],
                new Advice(
                    'The tenon must be thinner than its stock.',
                    ucfirst($wrong->errors[0]->message).'.',
                ),
                [],
            );
        }
        $rows = [];
        foreach ($fit->irons as $index => $iron) {
            $plane = $planes[$index] ?? null;
            $rows[] = new FitRow(
                $plane->name ?? 'shoulder plane, '.$format->dimension($iron->ironMm),
                $iron->verdict !== ShoulderVerdict::Narrow,
                match ($iron->verdict) {
                    ShoulderVerdict::Good => 'covers it',
                    ShoulderVerdict::TwoPasses => 'in two passes',
                    ShoulderVerdict::Narrow => 'rocks',
                },
                'iron '.
                    $format->dimension($iron->ironMm).
                    ' on a shoulder of '.
                    $format->dimension($fit->shoulderMm).
                    match ($iron->intoGroove) {
                        null => '',
                        true => '; goes into the groove',
                        false => '; too wide for the groove',
                    },
                [
                    'ironMm' => $iron->ironMm,
                    'shoulderMm' => $fit->shoulderMm,
                    'stockMm' => $values['stock'],
                    'tenonMm' => $values['tenon'],
                ],
                $plane === null ? null : (int) $plane->id,
            );
        }
        usort(
            $rows,
            static fn (FitRow $a, FitRow $b): int => [! $a->good, $b->draw['ironMm']] <=> [
                ! $b->good,
                $a->draw['ironMm'],
            ],
        );
        $best = $rows[0] ?? null;
        [$next, $why] = match (true) {
            $planes === [] || $best === null => [
                'No shoulder plane hangs here.',
                "For a shoulder of {$format->dimension($fit->shoulderMm)} an iron as wide is best; pare it with a ".
                'chisel meanwhile. The usual widths are compared.',
            ],
            $best->good => ["Take the {$best->name}.", ucfirst($best->says).'.'],
            default => [
                'Pare this shoulder with a chisel.',
                "An iron of {$format->dimension($fit->shoulderMm / 2)} or more would ride on it without rocking.",
            ],
        };

        return new FitResult($rows, new Advice($next, $why), [
            new Explanation(
                'How deep is the shoulder?',
                'shoulder = (stock − tenon) ÷ 2',
                '('.
                    LengthFormatter::decimal($values['stock'], 1).
                    ' − '.
                    LengthFormatter::decimal($values['tenon'], 1).
                    ') ÷ 2 = '.
                    LengthFormatter::decimal($fit->shoulderMm, 1).
                    ' mm',
                Basis::CommonPractice,
                'An iron as wide as the shoulder covers it in one pass, half as wide in two.',
            ),
        ]);
    }
}
