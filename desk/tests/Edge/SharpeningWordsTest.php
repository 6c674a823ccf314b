<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Edge;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Basis;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\EdgeStateInput;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\SharpeningTask;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Edge\EdgeExplained;
use JackRest\Desk\Edge\SharpeningWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** As it is typed and said. */
final class SharpeningWordsTest extends TestCase
{
    private static function plan(EdgeStateInput $edge, float $finishUm = 2): SharpeningPlan
    {
        return SharpeningPlan::for(new SharpeningTask(new Blade(25, 3, 25, 30, 0.5, $finishUm), $edge), [
            new HoningStone('1', '1000 stone', GritScale::Jis, '1000', 1, 20),
            new HoningStone('2', '4000 stone', GritScale::Jis, '4000', 1, 20),
            new HoningStone('3', '8000 stone', GritScale::Jis, '8000', 1, 20),
        ]);
    }

    #[TestWith([20.0, 'under a minute'])]
    #[TestWith([59.9, 'under a minute'])]
    #[TestWith([60.0, 'about a minute'])]
    #[TestWith([90.0, 'about 2 minutes'])]
    #[TestWith([1332.0, 'about 22 minutes'])]
    public function test_seconds_in_words(float $seconds, string $words): void
    {
        self::assertSame($words, SharpeningWords::inMinutes($seconds));
    }

    /** Hundreds of strokes are read as minutes first. */
    public function test_a_back_is_told_in_minutes_first(): void
    {
        $plan = self::plan(new EdgeStateInput(EdgeCondition::Back, 25, 3, 25, 30, backLengthMm: 40, outOfFlatUm: 30));
        $words = new SharpeningWords($plan, EdgeNeed::Back, new LengthFormatter(LengthUnit::Millimetre));

        self::assertMatchesRegularExpression(
            '/^About \d+ minutes: \d+ strokes on the 1000 stone, then \d+ on the /',
            $words->nextStroke(),
        );
    }

    #[TestWith([EdgeNeed::TouchUp, 'A touch-up takes the edge back 0.01 mm'])]
    #[TestWith([EdgeNeed::Dull, 'A dull edge must go back 0.03 mm'])]
    #[TestWith([EdgeNeed::FreshGrind, 'the edge goes back 0.02 mm'])]
    public function test_why_names_what_the_condition_costs(EdgeNeed $need, string $part): void
    {
        $words = new SharpeningWords(
            self::plan(new EdgeStateInput($need->condition(), 25, 3, 25, 30, 0.5)),
            $need,
            new LengthFormatter(LengthUnit::Millimetre),
        );
        self::assertStringContainsString($part, $words->why());
    }

    public function test_strokes_are_said_to_be_a_models_estimate(): void
    {
        $how = EdgeExplained::strokes(
            self::plan(new EdgeStateInput(EdgeCondition::Dull, 25, 3, 25, 30, 0.5)),
            new LengthFormatter(LengthUnit::Millimetre),
        );

        self::assertSame(Basis::Model, $how->basis);
        self::assertStringContainsString('Preston', $how->source);
    }
}
