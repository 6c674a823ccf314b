<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Edge;

use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeDuty;
use JackRest\Core\Edge\EdgeKind;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\ToolCondition;
use PHPUnit\Framework\TestCase;

/** Common practice, no source: a neglected blade begins with its back. */
final class ToolConditionTest extends TestCase
{
    public function test_every_need_suits_the_blade_it_is_said_of(): void
    {
        foreach (EdgeKind::cases() as $form) {
            $blade = new Blade(12.0, 3.0, 25.0, 30.0, 0.5, 2.0, $form, EdgeDuty::General);
            foreach (ToolCondition::cases() as $found) {
                $need = $found->needOf($blade);
                self::assertTrue($need === null || $need->suits($blade), "{$form->value}, {$found->value}");
            }
            self::assertSame(EdgeNeed::Dull, ToolCondition::WantsHoning->needOf($blade));
            self::assertNull(ToolCondition::Works->needOf($blade));
            self::assertNull(ToolCondition::Unknown->needOf($blade));
        }
    }

    public function test_a_back_is_flattened_once_where_there_is_one(): void
    {
        $of = static fn (EdgeKind $form): ?EdgeNeed => ToolCondition::WantsWork->needOf(
            new Blade(12.0, 3.0, 25.0, 30.0, 0.5, 2.0, $form, EdgeDuty::General),
        );
        self::assertSame(EdgeNeed::Back, $of(EdgeKind::Chisel));
        self::assertSame(EdgeNeed::Back, $of(EdgeKind::PlaneIron));
        self::assertSame(EdgeNeed::Dull, $of(EdgeKind::Gouge));
    }
}
