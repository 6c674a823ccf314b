<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Care;

use JackRest\Core\Care\CareJob;
use JackRest\Core\Care\CareRound;
use JackRest\Core\Care\Consumable;
use JackRest\Core\Care\Damp;
use JackRest\Core\Care\Stock;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Desk\Care\CareWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CareWordsTest extends TestCase
{
    #[TestWith([Consumable::Compound, 2.0, 4000, 'About 1.5 bars left, by 4000 strokes on the strop since.'])]
    #[TestWith([Consumable::Wax, 1.0, 1, 'About 1 tin left, by 1 round of waxing since.'])]
    #[TestWith([Consumable::Compound, 1.0, 8000, 'Hardly any bar left, by 8000 strokes on the strop since.'])]
    public function test_what_is_left_of_a_consumable(Consumable $of, float $bought, int $used, string $says): void
    {
        self::assertSame($says, CareWords::left(new Stock($of, $bought, $used)));
    }

    /** @param  array<string, int>  $since */
    #[TestWith([['wipe' => 20], 'Done 20 days ago; every 14 days.'])]
    #[TestWith([['wipe' => 1], 'Done yesterday; every 14 days.'])]
    #[TestWith([['wipe' => 0], 'Done today; every 14 days.'])]
    #[TestWith([[], 'Not done yet, as far as is written down; every 14 days.'])]
    public function test_when_a_round_was_made_last(array $since, string $says): void
    {
        $kit = [new ToolAtHand('1', 'jack-plane', 'jack plane')];
        $wiping = array_filter(
            CareRound::all($kit, $since, Damp::Ordinary, 300),
            static fn (CareRound $round): bool => $round->job === CareJob::Wipe,
        );
        self::assertSame([$says], array_values(array_map(CareWords::last(...), $wiping)));
    }
}
