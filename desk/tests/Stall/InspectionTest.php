<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Stall;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Checks;
use JackRest\Core\Stall\Outcome;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Advice;
use JackRest\Desk\Stall\Inspection;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class InspectionTest extends TestCase
{
    /** @param  array<string, array{outcome?: string, readings?: list<string>}>  $found */
    private static function look(
        string $kind,
        array $found,
        ?float $asked = null,
        float $good = 100.0,
        float $perHour = 12.0,
    ): Inspection {
        return Inspection::of(
            ToolKinds::named($kind),
            array_map(static fn (array $one): array => $one + ['outcome' => null, 'readings' => []], $found),
            $good,
            $perHour,
            $asked,
            new LengthFormatter(LengthUnit::Millimetre),
        );
    }

    /**
     * Everything by eye, what is not named is sound.
     *
     * @param  array<string, array{outcome?: string, readings?: list<string>}>  $found
     * @return array<string, array{outcome?: string, readings?: list<string>}>
     */
    private static function allSound(string $kind, array $found = []): array
    {
        $sound = [];
        foreach (Checks::of(ToolKinds::named($kind)) as $check) {
            $sound[$check->id] = $found[$check->id] ?? ['outcome' => 'sound'];
        }

        return $sound;
    }

    private static function outcome(Inspection $look, string $check): ?Outcome
    {
        foreach ($look->looked as $one) {
            if ($one->check->id === $check) {
                return $one->finding->outcome;
            }
        }
        self::fail("There is no check $check.");
    }

    /**
     * A good one at 100, a hollow of 0.3 (20 min + 180 min/mm · 0.2 mm = 56 min at 12 an hour, 11.20) and a new iron
     * (15 min and 30, 33): 55.80.
     */
    public function test_the_price_by_hand(): void
    {
        $look = self::look(
            'jack-plane',
            self::allSound('jack-plane', ['sole' => ['readings' => ['0.3']], 'iron' => ['readings' => ['8']]]),
        );
        self::assertEqualsWithDelta(55.8, $look->offering->fair, 1e-9);
        self::assertEqualsWithDelta(55.8, $look->offering->most, 1e-9);
        self::assertSame(
            ['a good one', 'a new iron, 15 min', 'flatten the sole, 56 min'],
            array_column($look->lines(), 'says'),
        );
        self::assertEqualsWithDelta(55.8, array_sum(array_column($look->lines(), 'amount')), 1e-9);
    }

    /** Rust not looked at: half of 40 min and 3, that is 5.50, comes off what is offered, nothing off what is fair. */
    public function test_what_was_not_looked_at_is_half_doubted(): void
    {
        $found = self::allSound('jack-plane');
        unset($found['rust']);
        $look = self::look('jack-plane', $found);
        self::assertEqualsWithDelta([100.0, 94.5], [$look->offering->fair, $look->offering->most], 1e-9);
        self::assertSame('rust', $look->nextCheck()?->check->id);
    }

    public function test_one_reason_to_walk_away_is_enough(): void
    {
        $look = self::look('jack-plane', ['cracks' => ['outcome' => 'walk-away']]);
        self::assertSame(0.0, $look->offering->most);
        self::assertEquals(new Advice('Walk away.', 'A crack runs on under use.'), $look->next(strval(...)));
    }

    /** Common practice, no source: filed on the outside, the spurs are narrower than the twist, and the bit jams. */
    #[TestWith(['12.1', '12.0', Outcome::Sound])]
    #[TestWith(['12.0', '12.0', Outcome::Sound])]
    #[TestWith(['11.9', '12.0', Outcome::WalkAway])]
    public function test_spurs_against_twist(string $spurs, string $twist, Outcome $outcome): void
    {
        self::assertSame(
            $outcome,
            self::outcome(self::look('auger-bits', ['wide' => ['readings' => [$spurs, $twist]]]), 'wide'),
        );
    }

    /** A gap of 0.2 between the lines is an error of 0.1. */
    #[TestWith(['0.2', Outcome::Sound])]
    #[TestWith(['0.6', Outcome::Mend])]
    #[TestWith(['2.4', Outcome::WalkAway])]
    public function test_a_squares_flip(string $gap, Outcome $outcome): void
    {
        self::assertSame($outcome, self::outcome(self::look('try-square', ['flip' => ['readings' => [$gap]]]), 'flip'));
    }

    #[TestWith(['40.0', '40.1', Outcome::Sound])]
    #[TestWith(['40.0', '41.0', Outcome::Mend])]
    #[TestWith(['40.0', '43.0', Outcome::WalkAway])]
    public function test_a_ploughs_fence_at_both_ends(string $front, string $back, Outcome $outcome): void
    {
        self::assertSame(
            $outcome,
            self::outcome(self::look('plough-plane', ['fence' => ['readings' => [$front, $back]]]), 'fence'),
        );
        self::assertNull(self::outcome(self::look('plough-plane', ['fence' => ['readings' => [$front]]]), 'fence'));
    }

    public function test_a_reading_no_such_tool_has_is_refused_beside_its_field(): void
    {
        $look = self::look('jack-plane', ['iron' => ['readings' => ['900']]]);
        $iron = array_values(array_filter($look->looked, static fn ($one): bool => $one->check->id === 'iron'))[0];
        self::assertTrue($iron->isWrong());
        self::assertStringStartsWith('No jack plane has that', (string) $iron->readings[0]->error);
        self::assertNull($iron->finding->outcome);
    }

    /** What nobody measures at the stall can still be said by eye; what a check cannot come to is not taken. */
    public function test_by_eye(): void
    {
        self::assertSame(
            Outcome::Mend,
            self::outcome(self::look('jack-plane', ['sole' => ['outcome' => 'mend']]), 'sole'),
        );
        self::assertNull(self::outcome(self::look('jack-plane', ['handles' => ['outcome' => 'walk-away']]), 'handles'));
    }

    #[TestWith([null, 'Offer up to 100.'])]
    #[TestWith([60.0, 'Take it: 60 is asked, and it is worth 100 to you.'])]
    #[TestWith([120.0, 'Offer 100, not 120.'])]
    public function test_what_to_say_at_the_end(?float $asked, string $says): void
    {
        self::assertSame(
            $says,
            self::look('jack-plane', self::allSound('jack-plane'), $asked)->next(
                static fn (float $sum): string => (string) (int) $sum,
            )->says,
        );
    }

    public function test_some_twenty_kinds_and_more_have_their_checks(): void
    {
        $forms = [];
        foreach (ToolKinds::all() as $kind) {
            $checks = Checks::of($kind);
            if ($checks === []) {
                continue;
            }
            $forms[$kind->form] = true;
            $ids = array_map(static fn (Check $check): string => $check->id, $checks);
            self::assertSame($ids, array_values(array_unique($ids)), $kind->id);
            foreach ($checks as $check) {
                self::assertTrue($check->mending !== null || $check->walkAway !== null, "{$kind->id} {$check->id}");
            }
        }
        self::assertGreaterThanOrEqual(20, count($forms));
    }
}
