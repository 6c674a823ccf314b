<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit\Questions;

use JackRest\Core\Basis;
use JackRest\Core\Fit\Marker;
use JackRest\Core\Fit\MarkingChain;
use JackRest\Core\Fit\MarkingChainInput;
use JackRest\Core\Fit\MarkingChainResult;
use JackRest\Core\Fit\MarkingStep;
use JackRest\Core\Fit\MarkingVerdict;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Fit\Fit;
use JackRest\Desk\Fit\FitResult;
use JackRest\Desk\Fit\FitRow;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** Every way to mark for one fit: what its chain of lines and readings can be off by. */
final readonly class MarkingQuestion implements Fit
{
    /** @var array<string, non-empty-list<Marker>> chains by name, from the first reading to the last line */
    private const CHAINS = [
        'part held on, knifed' => [Marker::Knife],
        'blade or wheel gauge' => [Marker::BladeGauge],
        'pin gauge' => [Marker::PinGauge],
        'part held on, hard pencil' => [Marker::HardPencil],
        'rule, then knife' => [Marker::Rule, Marker::Knife],
        'rule, then ordinary pencil' => [Marker::Rule, Marker::Pencil],
        'tape, then ordinary pencil' => [Marker::Tape, Marker::Pencil],
    ];

    public function fields(): array
    {
        return [
            new FormField(
                'tolerance',
                Quantity::Thickness,
                0.01,
                3,
                'how far off the fit can be',
                expected: 0.1,
                begins: 0.1,
                step: 0.01,
            ),
            new FormField('times', Quantity::Count, 1, 20, 'transfers one after another', expected: 1, begins: 1),
        ];
    }

    public function answer(array $values, Hardness $hardness, array $tools, LengthFormatter $format): FitResult
    {
        $times = max(1, (int) round($values['times']));
        $rows = $chains = [];
        foreach (self::CHAINS as $name => $markers) {
            $chain = (new MarkingChain())(
                new MarkingChainInput(
                    array_map(static fn (Marker $marker): MarkingStep => new MarkingStep($marker, $times), $markers),
                    $values['tolerance'],
                ),
            );
            $chains[$name] = $chain;
            $rows[] = self::row($name, $markers, $chain, $format);
        }
        $good = array_values(array_filter($rows, static fn (FitRow $row): bool => $row->good));
        // Of those that hold the coarsest is the easiest.
        $best = $good === [] ? null : $good[count($good) - 1];
        $knife = $chains['part held on, knifed'];
        [$next, $why] =
            $best === null
                ? [
                    'Nothing here holds that over so many transfers.',
                    'Knife straight from the part: one transfer, off by '.
                    $format->small($knife->worstMm / $times).
                    ' at worst.',
                ]
                : [ucfirst("{$best->name}: good enough."), ucfirst($best->says).'.'];

        return new FitResult($rows, new Advice($next, $why), [
            new Explanation(
                'How far off can it be?',
                'each line or reading can be off by half its width; worst case: their sum; likely: the root of the '
                    .'sum of their squares',
                "knifed $times times: $times · 0.05 ÷ 2 = ".
                    LengthFormatter::decimal($knife->worstMm, 3).
                    ' mm at worst, √'.
                    $times.
                    ' · 0.025 = '.
                    LengthFormatter::decimal($knife->likelyMm, 3).
                    ' mm likely',
                Basis::CommonPractice,
                'Line widths: common practice, no source; those of rules and tapes from memory.',
            ),
        ]);
    }

    /** @param  non-empty-list<Marker>  $markers */
    private static function row(
        string $name,
        array $markers,
        MarkingChainResult $chain,
        LengthFormatter $format,
    ): FitRow {
        return new FitRow(
            $name,
            $chain->verdict !== MarkingVerdict::No,
            match ($chain->verdict) {
                MarkingVerdict::Always => 'always holds',
                MarkingVerdict::Mostly => 'mostly holds',
                default => 'does not hold',
            },
            'off by '.
                $format->small($chain->worstMm).
                ' at worst, '.
                $format->small($chain->likelyMm).
                ' likely; two parts differ by '.
                $format->small($chain->betweenPartsFixedMm).
                ' when one setting is kept, '.
                $format->small($chain->betweenPartsMeasuredMm).
                ' when each is measured anew',
            [
                'worstMm' => $chain->worstMm,
                'likelyMm' => $chain->likelyMm,
                'lineMm' => $markers[count($markers) - 1]->widthMm(),
            ],
        );
    }
}
