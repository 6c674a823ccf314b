<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Stall;

use JackRest\Core\Stall\Check;
use JackRest\Core\Stall\Checks;
use JackRest\Core\Stall\Counts;
use JackRest\Core\Stall\Finding;
use JackRest\Core\Stall\Measured;
use JackRest\Core\Stall\Mending;
use JackRest\Core\Stall\Offering;
use JackRest\Core\Stall\OfferLine;
use JackRest\Core\Stall\Outcome;
use JackRest\Core\Tool\ToolKinds;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a reading at a stall comes to, and what is offered for what was found. */
final class StallTest extends TestCase
{
    /** By hand: turned over a square shows twice its error; two readings lie apart either way round. */
    public function test_what_follows_from_readings(): void
    {
        self::assertSame(0.3, Counts::Itself->of([0.3]));
        self::assertSame(0.15, Counts::Half->of([0.3]));
        self::assertSame(0.15, Counts::Half->of([-0.3]));
        self::assertSame(1.5, Counts::Apart->of([4.0, 2.5]));
        self::assertSame(1.5, Counts::Apart->of([2.5, 4.0]));
        self::assertSame(-1.5, Counts::Over->of([4.0, 2.5]));
        self::assertSame(1.5, Counts::Over->of([2.5, 4.0]));
    }

    /** A gap: sound up to 0.1 mm, nobody mends more than 0.6 mm. */
    #[TestWith([0.0, Outcome::Sound])]
    #[TestWith([0.1, Outcome::Sound])]
    #[TestWith([0.11, Outcome::Mend])]
    #[TestWith([0.6, Outcome::Mend])]
    #[TestWith([0.61, Outcome::WalkAway])]
    public function test_less_is_better_of_a_gap(float $gap, Outcome $outcome): void
    {
        self::assertSame($outcome, self::gap()->outcome($gap));
        self::assertSame($outcome, self::gap()->outcome(self::gap()->valueMm([$gap])));
    }

    /** An iron: sound from 15 mm of steel on, lost below 3 mm. */
    #[TestWith([20.0, Outcome::Sound])]
    #[TestWith([15.0, Outcome::Sound])]
    #[TestWith([14.9, Outcome::Mend])]
    #[TestWith([3.0, Outcome::Mend])]
    #[TestWith([2.9, Outcome::WalkAway])]
    public function test_more_is_better_of_an_iron(float $left, Outcome $outcome): void
    {
        $iron = new Measured(['iron left'], Counts::Itself, 15.0, 3.0, 120.0, 0.0, true);
        self::assertSame($outcome, $iron->outcome($left));
    }

    /** By hand: 20 minutes and 60 a millimetre beyond 0.1 mm: at 0.4 mm 38 minutes, whichever side it is out. */
    public function test_mending_takes_longer_the_further_it_is_out(): void
    {
        $mending = self::gap()->mending(new Mending('flatten it', 20, 3.0), 0.4);
        self::assertSame(['flatten it', 38, 3.0], [$mending->says, $mending->minutes, $mending->cost]);
        self::assertSame(32, self::gap()->mending(new Mending('flatten it', 20), -0.1)->minutes);
    }

    /** By hand: half an hour at 12 an hour, and 5 for the part. */
    public function test_mending_costs_its_part_and_the_time(): void
    {
        self::assertSame(11.0, (new Mending('a new part', 30, 5.0))->price(12.0));
        self::assertSame(5.0, (new Mending('a new part', 30, 5.0))->price(0.0));
    }

    public function test_what_can_be_said_by_eye(): void
    {
        $mend = new Mending('mend it', 10);
        self::assertSame([Outcome::Sound], self::check(null, null)->outcomes());
        self::assertSame([Outcome::Sound, Outcome::Mend], self::check($mend, null)->outcomes());
        self::assertSame([Outcome::Sound, Outcome::WalkAway], self::check(null, 'cracked')->outcomes());
        self::assertSame(Outcome::cases(), self::check($mend, 'cracked')->outcomes());
    }

    public function test_only_what_is_to_be_mended_has_a_mending(): void
    {
        $check = self::check(new Mending('mend it', 10), 'cracked');
        self::assertSame('mend it', Finding::byEye($check, Outcome::Mend)->mending?->says);
        self::assertNull(Finding::byEye($check, Outcome::Sound)->mending);
        self::assertNull(Finding::byEye($check, Outcome::WalkAway)->mending);
        self::assertNull(Finding::byEye($check, null)->outcome);
    }

    /** Beyond all mending it is left, unless it can always be mended; what cannot be mended is left at once. */
    public function test_what_a_measured_check_comes_to(): void
    {
        $found = static fn (Check $check, float $gap): Finding => Finding::measured($check, self::gap(), [$gap]);
        $both = self::check(new Mending('flatten it', 20), 'too far gone');
        self::assertSame([Outcome::Sound, null, 0.05], self::summed($found($both, 0.05)));
        self::assertSame([Outcome::Mend, 38, 0.4], self::summed($found($both, 0.4)));
        self::assertSame([Outcome::WalkAway, null, 2.0], self::summed($found($both, 2.0)));
        $always = self::check(new Mending('flatten it', 20), null);
        self::assertSame([Outcome::Mend, 134, 2.0], self::summed($found($always, 2.0)));
        $never = self::check(null, 'too far gone');
        self::assertSame([Outcome::WalkAway, null, 0.4], self::summed($found($never, 0.4)));
        self::assertSame([Outcome::Sound, null, 0.1], self::summed($found($never, 0.1)));
    }

    /** By hand: 60 for a good one, an hour at 12 and a part of 5 to mend: 43; half of 10 for what was not looked at. */
    public function test_what_to_offer(): void
    {
        $mend = self::check(new Mending('mend it', 60, 5.0), null);
        $sound = self::check(new Mending('mend it', 600), null);
        $open = self::check(new Mending('look again', 25, 5.0), null);
        $offering = Offering::of(60.0, 12.0, [
            Finding::byEye($mend, Outcome::Mend),
            Finding::byEye($sound, Outcome::Sound),
            Finding::byEye($open, null),
        ]);
        self::assertSame([43.0, 38.0], [$offering->fair, $offering->most]);
        self::assertSame([60.0, -17.0, -5.0], self::amounts($offering));
        self::assertSame([0, 0, 1], array_map(static fn (OfferLine $line): int => $line->open, $offering->lines));
    }

    /** By hand: of two that cannot be mended and were not looked at each may take a quarter of the price. */
    public function test_what_cannot_be_mended_and_was_not_looked_at(): void
    {
        $unseen = Finding::byEye(self::check(null, 'cracked'), null);
        $offering = Offering::of(60.0, 12.0, [$unseen, $unseen]);
        self::assertSame([60.0, 30.0, [60.0, -30.0]], [$offering->fair, $offering->most, self::amounts($offering)]);
        self::assertSame(2, $offering->lines[1]->open);
    }

    public function test_one_reason_to_leave_it_ends_the_matter(): void
    {
        $offering = Offering::of(60.0, 12.0, [
            Finding::byEye(self::check(new Mending('mend it', 60), null), Outcome::Mend),
            Finding::byEye(self::check(null, 'cracked'), Outcome::WalkAway),
            Finding::byEye(self::check(null, 'bent'), null),
        ]);
        self::assertSame([0.0, 0.0], [$offering->fair, $offering->most]);
        self::assertSame([60.0, -12.0, -60.0], self::amounts($offering));
    }

    public function test_nothing_is_offered_below_nothing(): void
    {
        $dear = self::check(new Mending('a new blade', 0, 80.0), null);
        $offering = Offering::of(60.0, 12.0, [Finding::byEye($dear, Outcome::Mend)]);
        self::assertSame([0.0, 0.0], [$offering->fair, $offering->most]);
        $unseen = Offering::of(10.0, 12.0, [Finding::byEye($dear, null)]);
        self::assertSame([10.0, 0.0], [$unseen->fair, $unseen->most]);
        self::assertSame([10.0, 10.0, [10.0]], [
            Offering::of(10.0, 12.0, [])->fair,
            Offering::of(10.0, 12.0, [])->most,
            self::amounts(Offering::of(10.0, 12.0, [])),
        ]);
    }

    /** Each measured check of each kind: a reading that is sound, one to be mended where there is one, one too far. */
    public function test_every_limit_leaves_room_for_its_outcomes(): void
    {
        $seen = 0;
        foreach (ToolKinds::all() as $kind) {
            foreach (Checks::of($kind) as $check) {
                if ($check->measured === null) {
                    continue;
                }
                $seen++;
                $measured = $check->measured;
                $which = "{$kind->id} {$check->id}";
                self::assertSame(Outcome::Sound, $measured->outcome($measured->soundMm), $which);
                self::assertNotSame(Outcome::WalkAway, $measured->outcome($measured->lostMm), $which);
                $within = ($measured->soundMm + $measured->lostMm) / 2;
                $mends = $measured->soundMm === $measured->lostMm ? Outcome::Sound : Outcome::Mend;
                self::assertSame($mends, $measured->outcome($within), $which);
                self::assertGreaterThan(max($measured->soundMm, $measured->lostMm), $measured->mostMm);
            }
        }
        self::assertGreaterThan(20, $seen);
    }

    private static function gap(): Measured
    {
        return new Measured(['gap under the rule'], Counts::Itself, 0.1, 0.6, 5.0, 60.0);
    }

    private static function check(?Mending $mending, ?string $walkAway): Check
    {
        return new Check('flat', 'Lay a rule on it.', 'Flat.', 'straightedge', $mending, $walkAway);
    }

    /** @return array{Outcome|null, int|null, float|null} */
    private static function summed(Finding $finding): array
    {
        return [$finding->outcome, $finding->mending?->minutes, $finding->valueMm];
    }

    /** @return list<float> */
    private static function amounts(Offering $offering): array
    {
        return array_map(static fn (OfferLine $line): float => $line->amount, $offering->lines);
    }
}
