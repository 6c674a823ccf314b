<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Truing\ReferencesOfKind;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ReferencesOfKindTest extends TestCase
{
    /** A square or a straightedge that is hung up can be tested; a mallet cannot. */
    public function test_references_come_with_their_tools(): void
    {
        $square = ReferencesOfKind::of(
            new ToolAtHand('1', 'try-square', 'try square, 150 mm', ['blade' => 150.0, 'stock' => 110.0]),
        );
        self::assertSame(
            ['square', 150.0, 110.0],
            [$square?->kind, $square?->sizesMm['blade'], $square?->sizesMm['stock']],
        );
        $straight = ReferencesOfKind::of(new ToolAtHand('2', 'straightedge', 'straightedge', ['length' => 600.0]));
        self::assertSame(
            ['straightedge', 600.0, 50.0],
            [$straight?->kind, $straight?->sizesMm['length'], $straight?->sizesMm['height']],
        );
        self::assertSame(
            'sticks',
            ReferencesOfKind::of(new ToolAtHand('4', 'winding-sticks', 'winding sticks'))?->kind,
        );
        self::assertNull(ReferencesOfKind::of(new ToolAtHand('3', 'mallet', 'mallet')));
    }

    /** tan 8.13° = 1/7 and tan 9.46° = 1/6, degrees rounded; 12° is 1 in 4.70 and no whole number. */
    #[TestWith([8.13, 7.0])]
    #[TestWith([8.1, 7.0])]
    #[TestWith([9.46, 6.0])]
    #[TestWith([7.125, 8.0])]
    #[TestWith([12.0, 4.7])]
    #[TestWith([20.0, 2.75])]
    public function test_a_template_has_the_slope_it_was_made_to(float $deg, float $ratio): void
    {
        self::assertSame(
            ['nominal' => $ratio],
            ReferencesOfKind::of(new ToolAtHand('5', 'dovetail-template', 'template', ['slope' => $deg]))?->sizesMm,
        );
    }

    /** 1 in 7, the slope a template has that nobody told of; common practice. */
    public function test_a_template_of_unknown_slope_has_the_usual_one(): void
    {
        self::assertSame(
            ['nominal' => 7.0],
            ReferencesOfKind::of(new ToolAtHand('6', 'dovetail-template', 'template'))?->sizesMm,
        );
    }

    public function test_what_a_tool_does_not_tell_is_taken_as_usual(): void
    {
        $sizes = static fn (string $kind, array $told): ?array => ReferencesOfKind::of(
            new ToolAtHand('1', $kind, $kind, $told),
        )?->sizesMm;
        self::assertSame(
            ['blade' => 300.0, 'bladeWidth' => 42.0, 'stock' => 150.0, 'stockWidth' => 42.0],
            $sizes('try-square', ['blade' => 300.0]),
        );
        self::assertSame(
            ['blade' => 500.0, 'bladeWidth' => 50.0, 'stock' => 280.0, 'stockWidth' => 45.0],
            $sizes('large-square', ['blade' => 500.0]),
        );
        self::assertSame(320.0, $sizes('winding-sticks', ['length' => 320.0])['length'] ?? null);
        self::assertSame(60.0, $sizes('straightedge', ['length' => 600.0, 'width' => 60.0])['height'] ?? null);
    }

    public function test_a_reference_hangs_on_the_board_as_its_kind_of_tool(): void
    {
        foreach (['square' => 'try-square', 'straightedge' => 'straightedge', 'sticks' => 'winding-sticks',
            'slope' => 'dovetail-template', 'known' => null] as $reference => $kind) {
            self::assertSame($kind, ReferencesOfKind::toolOf($reference));
        }
    }
}
