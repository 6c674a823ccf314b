<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Edge;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Edge\SharpeningForm;
use JackRest\Desk\Edge\SharpeningWords;
use JackRest\Desk\Edge\StepWords;
use PHPUnit\Framework\TestCase;

final class SharpeningFormTest extends TestCase
{
    /** @param  array<string, string>  $typed */
    private static function form(array $typed = [], ?EdgeNeed $condition = EdgeNeed::Dull): SharpeningForm
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        $stones = [
            new HoningStone('1', 'coarse stone', GritScale::Jis, '220', 1, 25),
            new HoningStone('2', '1000 stone', GritScale::Jis, '1000', 1, 20),
            new HoningStone('3', '8000 stone', GritScale::Jis, '8000', 1, 20),
        ];
        ['bevelLength' => $bevel, 'thickness' => $thickness, 'nickDepth' => $nick] = $typed + [
            'bevelLength' => '',
            'thickness' => '',
            'nickDepth' => '',
        ];

        return SharpeningForm::of(
            new Blade(12, 3.4, 25, 30, 0.6, 2),
            ['bevelLength' => $bevel, 'thickness' => $thickness, 'give' => '0.1', 'nickDepth' => $nick],
            $condition,
            $stones,
            $format,
        );
    }

    public function test_the_plan_names_stones_strokes_and_what_to_see(): void
    {
        $plan = self::form()->plan;

        self::assertNotNull($plan);
        self::assertSame(
            ['1000 stone', '8000 stone'],
            array_map(static fn ($step) => $step->stone->name, $plan->steps),
        );
        $words = new SharpeningWords($plan, EdgeNeed::Dull, self::form()->format);
        self::assertStringContainsString('burr along the whole edge', StepWords::see($plan->steps[0]));
        self::assertStringContainsString('coarse stone stays in the rack', $words->left()[0]);
    }

    public function test_the_next_stroke_is_one_sentence_with_its_numbers(): void
    {
        $form = self::form();
        assert($form->plan !== null);
        $words = new SharpeningWords($form->plan, EdgeNeed::Dull, $form->format);

        self::assertSame('4 strokes on the 1000 stone, then 6 on the 8000 stone.', $words->nextStroke());
    }

    /** 3.4 mm thick and 6.8 mm along the bevel: 30°, five more than on record. */
    public function test_a_measured_angle_is_told_from_the_record_by_its_uncertainty(): void
    {
        $form = self::form(['thickness' => '3.4', 'bevelLength' => '6.8']);

        self::assertEqualsWithDelta(30, $form->angle->angleDeg ?? 0, 1e-9);
        self::assertSame('5.0° steeper than on record.', $form->angleSentence(25));
    }

    public function test_a_bevel_shorter_than_the_blade_is_thick_is_told_in_words(): void
    {
        self::assertSame(
            'The bevel must be longer than the blade is thick (3.4 mm).',
            self::form(['bevelLength' => '3'])->form->readings['bevelLength']->error,
        );
    }

    /** 3.4/sin 25° = 8.05 mm of bevel are expected; 204 is 25 times that. */
    public function test_a_bevel_25_times_too_long_is_asked_about(): void
    {
        $reading = self::form(['bevelLength' => '204'], null)->form->readings['bevelLength'];

        self::assertStringContainsString('typed in the other unit', (string) $reading->error);
        self::assertSame('8.031', $reading->instead);
    }

    public function test_a_nick_waits_for_its_depth(): void
    {
        $form = self::form(condition: EdgeNeed::Nicked);

        self::assertNull($form->plan);
        self::assertSame('Type how deep the nick is: the edge must go back that far.', $form->missing);
    }

    public function test_a_deep_nick_is_better_ground(): void
    {
        $form = self::form(['nickDepth' => '0.4'], EdgeNeed::Nicked);
        self::assertNotNull($form->plan);
        self::assertStringContainsString(
            'grind the bevel back first',
            (string) (new SharpeningWords($form->plan, EdgeNeed::Nicked, $form->format))->warning(),
        );
    }

    public function test_a_sharp_edge_has_no_plan(): void
    {
        self::assertNull(self::form(condition: null)->plan);
    }
}
