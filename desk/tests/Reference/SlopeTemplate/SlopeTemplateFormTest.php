<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference\SlopeTemplate;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Reference\ReferenceSizes;
use JackRest\Desk\Reference\SlopeTemplate\SlopeTemplateForm;
use JackRest\Desk\Reference\TypedTest;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SlopeTemplateFormTest extends TestCase
{
    /** @param  array<string, string>  $typed */
    private static function form(
        array $typed = [],
        LengthUnit $unit = LengthUnit::Millimetre,
        float $resolution = 0.01,
    ): SlopeTemplateForm {
        $usual = [
            'nominal' => '7',
            'run' => '70',
            'rise' => '10.5',
            'turned' => '',
            'thickness' => '22',
            'joints' => '8',
            'tolerance' => '0.1',
        ];
        // A sheet of paper is as thick as its user says.
        $format = new LengthFormatter($unit, paperMm: $resolution);

        return SlopeTemplateForm::of(
            new TypedTest([...$usual, ...$typed], instrument: Instrument::Paper),
            new ReferenceSizes([]),
            $format,
        );
    }

    /** 10.5 over 70 is 1 in 6.667; on 22 mm a tail is 2 · 22 · (0.15 − 0.142857) = 0.314 mm too wide. */
    public function test_a_template_too_steep_makes_every_tail_wide(): void
    {
        $form = self::form();
        self::assertEqualsWithDelta(0.314286, $form->tailErrorMm(), 1e-6);
        self::assertEqualsWithDelta(0.5, $form->atTheEndMm(), 1e-9);
        self::assertSame(
            'Plane it flatter: take 0.50 mm off the far end of its slope, running out to nothing at the other. Then '
                .'test again.',
            $form->next()->says,
        );
        self::assertSame(
            'Each tail is 0.31 mm too wide at its wide end; over 8 in a row 0.89 mm likely, 2.51 mm at worst. A new '
                .'one is as quick.',
            $form->next()->why,
        );
    }

    /** 10.2 one way and 9.8 turned over: the mean is 1 in 7 to the hair, the template itself leans by 0.16°. */
    public function test_both_ways_round_part_the_slope_from_the_templates_lean(): void
    {
        $form = self::form(['rise' => '10.2', 'turned' => '9.8']);
        self::assertEqualsWithDelta(7.0, $form->slope?->ratio, 1e-12);
        self::assertEqualsWithDelta(0.1604, $form->leanDeg(), 1e-4);
        self::assertSame('Use it: each tail is within 0.10 mm.', $form->next()->says);
        self::assertNull(self::form()->leanDeg());
    }

    /** @param  array<string, string>  $typed */
    #[TestWith([['nominal' => ''], 'It slopes 1 in 6.67, 8.53°.'])]
    #[TestWith([['rise' => ''], 'Draw along the template, measure how far the line leans over its length.'])]
    #[TestWith([['rise' => 'steep'], 'Correct the reading marked ✗; the drawing waits for it.'])]
    #[
        TestWith([
            ['rise' => '9.5'],
            'Plane it steeper: take 0.50 mm off the near end of its slope, running out to nothing at the other. Then '
                .'test again.',
        ]),
    ]
    public function test_the_next_stroke(array $typed, string $says): void
    {
        self::assertSame($says, self::form($typed)->next()->says);
    }

    /** A ratio and a number of joints are bare numbers in either unit. */
    public function test_a_ratio_has_no_unit(): void
    {
        self::assertEqualsWithDelta(
            7.0,
            self::form(['run' => '3', 'rise' => '0.5', 'thickness' => '7/8'], LengthUnit::Inch)->form->readings[
                'nominal'
            ]->value,
            1e-12,
        );
    }

    public function test_a_ratio_is_typed_as_the_trade_writes_it(): void
    {
        self::assertSame(8.0, self::form(['nominal' => '1:8'])->form->readings['nominal']->value);
        self::assertEqualsWithDelta(1.0, self::form(['nominal' => '45°'])->form->readings['nominal']->value, 1e-12);
        self::assertNotNull(self::form(['nominal' => '90°'])->form->readings['nominal']->error);
        self::assertNotNull(self::form(['nominal' => 'steep'])->form->readings['nominal']->error);
    }

    /** 1.96 · 2 · 22 · √(0.05²/12/2)/70 = 0.0126 mm with both ways round, √2 times that with one. */
    public function test_its_uncertainty_by_hand(): void
    {
        self::assertEqualsWithDelta(
            0.0125738,
            self::form(['turned' => '10.5'], resolution: 0.05)->uncertaintyMm(),
            1e-7,
        );
        self::assertEqualsWithDelta(0.0177820, self::form(resolution: 0.05)->uncertaintyMm(), 1e-7);
    }

    /** Read with a rule over 30 mm it cannot be told; over the length it names it can. */
    public function test_when_it_cannot_tell_it_says_how_long_a_line_would(): void
    {
        $typed = ['run' => '30', 'rise' => '4.45', 'tolerance' => '0.35'];
        $form = self::form($typed, resolution: 0.25);
        self::assertSame(Verdict::CannotTell, $form->verdict());
        self::assertSame(1, preg_match('/Draw a line (\d+) mm long/', $form->next()->says, $line));
        $longer = (int) ($line[1] ?? 0);
        self::assertSame(
            Verdict::Within,
            self::form(
                [...$typed, 'run' => (string) $longer, 'rise' => (string) (($longer * 4.45) / 30)],
                resolution: 0.25,
            )->verdict(),
        );
    }

    public function test_it_is_explained(): void
    {
        self::assertSame('8.531°, 1 in 6.67', self::form()->explained()[0]->numbers);
        self::assertSame([], self::form(['rise' => ''])->explained());
    }
}
