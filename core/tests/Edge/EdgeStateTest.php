<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Edge;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EdgeStateTest extends TestCase
{
    use Computes;

    private const CHISEL = ['bladeWidthMm' => 12, 'thicknessMm' => 3, 'primaryDeg' => 15, 'secondaryDeg' => 30];

    /** Square to a 30° bevel half of the recession is removed. The recessions are from memory. */
    #[TestWith(['touch-up', 5])]
    #[TestWith(['dull', 15])]
    #[TestWith(['fresh-grind', 10])]
    public function test_usual_removal_by_condition(string $condition, float $removeUm): void
    {
        self::assertEqualsWithDelta(
            $removeUm,
            self::compute('edge-state', ['condition' => $condition, ...self::CHISEL])['removeUm'],
            1e-9,
        );
    }

    /** On 15°/30° the width grows by just the recession: 0.6 + 0.03 mm. */
    public function test_contact_is_the_secondary_bevel_after_this_honing(): void
    {
        $answer = self::compute('edge-state', ['condition' => 'dull', 'microWidthMm' => 0.6, ...self::CHISEL]);
        self::assertEqualsWithDelta(0.63, $answer['contactLengthMm'], 1e-9);
    }

    /** A single 30° bevel on 3 mm is 6 mm long. */
    public function test_contact_is_the_whole_bevel_where_there_is_only_one(): void
    {
        $answer = self::compute('edge-state', [...self::CHISEL, 'condition' => 'dull', 'primaryDeg' => 30]);
        self::assertEqualsWithDelta(6, $answer['contactLengthMm'], 1e-9);
    }

    public function test_a_back_comes_down_over_its_length(): void
    {
        $answer = self::compute('edge-state', [
            'condition' => 'back',
            'backLengthMm' => 40,
            'outOfFlatUm' => 30,
            ...self::CHISEL,
        ]);
        self::assertEquals(
            ['recessionMm' => 0, 'removeUm' => 30, 'contactWidthMm' => 12, 'contactLengthMm' => 40],
            $answer,
        );
    }

    public function test_the_users_own_recession_replaces_the_usual_one(): void
    {
        self::assertEqualsWithDelta(
            50,
            self::compute('edge-state', ['condition' => 'dull', 'recessionMm' => 0.1, ...self::CHISEL])['removeUm'],
            1e-9,
        );
    }

    public function test_a_nick_needs_its_depth(): void
    {
        $this->assertRefused(
            'edge-state',
            ['condition' => 'nicked', ...self::CHISEL],
            'recessionMm',
            'depth of its nick',
        );
    }

    public function test_a_back_needs_its_length(): void
    {
        $this->assertRefused(
            'edge-state',
            ['condition' => 'back', 'outOfFlatUm' => 30, ...self::CHISEL],
            'backLengthMm',
            'how much of the back',
        );
    }
}
