<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\SetOut;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\School\School;
use JackRest\Desk\Print\CardLine;
use JackRest\Desk\SetOut\CardRow;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\SettingsCard;
use JackRest\Desk\SetOut\ToolSetting;
use PHPUnit\Framework\TestCase;

final class SettingsCardTest extends TestCase
{
    public function test_one_gauge_is_set_again_and_two_keep_their_settings(): void
    {
        $settings = [
            ['corners', self::gauge('22')], ['corners', self::gauge('19')],
            ['corners', new ToolSetting('dividers', 'tails', '46.4 mm')], ['rebate', self::gauge('22')],
        ];
        $one = SettingsCard::of($settings, self::hands(1));
        self::assertSame('Set 3 times, with one gauge; no setting comes twice.', $one->sentence());
        self::assertSame(['marking gauge', 'marking gauge', 'dividers', 'marking gauge'], self::tools($one));

        $two = SettingsCard::of($settings, self::hands(2));
        self::assertSame('Set 2 times, with 2 gauges; one setting is kept and used again.', $two->sentence());
        self::assertSame(['marking gauge 1', 'marking gauge 2', 'dividers', 'marking gauge 1'], self::tools($two));
        self::assertSame([true, true, true, false], array_map(
            static fn (CardRow $row): bool => $row->isSet,
            $two->rows,
        ));
        self::assertSame(
            ['Marking gauge 1: baseline', '22 mm', 'Marking gauge 1: baseline (still set)'],
            [$two->lines()[0]->says, $two->lines()[0]->right, $two->lines()[3]->says],
        );
    }

    public function test_without_gauges_nothing_is_said_of_them(): void
    {
        $card = SettingsCard::of([['pegs', new ToolSetting('brace', 'to the depth', '20 turns')]], self::hands(0));
        self::assertNull($card->sentence());
        self::assertContainsOnlyInstancesOf(CardLine::class, $card->lines());
    }

    private static function gauge(string $mm): ToolSetting
    {
        return new ToolSetting('marking gauge', 'baseline', "$mm mm", $mm);
    }

    /** @return list<string> */
    private static function tools(SettingsCard $card): array
    {
        return array_map(static fn (CardRow $row): string => $row->tool, $card->rows);
    }

    private static function hands(int $gauges): Hands
    {
        $tools = [];
        for ($gauge = 0; $gauge < $gauges; $gauge++) {
            $tools[] = new ToolAtHand("g$gauge", 'marking-gauge', 'marking gauge');
        }

        return new Hands($tools, new School());
    }
}
