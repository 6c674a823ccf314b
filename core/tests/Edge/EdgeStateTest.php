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

    /** Nobody measured it: 0.8 mm is usual, and there is none fresh from the grinder. Common practice, no source. */
    #[TestWith(['dull', 0.83])]
    #[TestWith(['touch-up', 0.81])]
    #[TestWith(['fresh-grind', 0.02])]
    public function test_a_width_that_is_not_told_is_a_usual_one(string $condition, float $contact): void
    {
        $answer = self::compute('edge-state', ['condition' => $condition, ...self::CHISEL]);
        self::assertEqualsWithDelta($contact, $answer['contactLengthMm'], 1e-9);
        $told = self::compute('edge-state', ['condition' => $condition, 'microWidthMm' => 0, ...self::CHISEL]);
        self::assertEqualsWithDelta($told['recessionMm'], $told['contactLengthMm'], 1e-9);
    }

    /** 3 mm at 15° are a bevel of 11.591 mm: nothing wider lies on the stone. */
    public function test_no_more_than_the_whole_bevel_lies_on_the_stone(): void
    {
        foreach ([11.0, 11.56, 11.57, 14.0] as $width) {
            $answer = self::compute('edge-state', ['condition' => 'dull', 'microWidthMm' => $width, ...self::CHISEL]);
            self::assertEqualsWithDelta(min($width + 0.03, 11.5911), $answer['contactLengthMm'], 1e-4);
        }
    }

    /** A dull 25°/30° chisel begins on the 1000, not on the finest stone. Common practice, no source. */
    public function test_a_dull_chisel_begins_on_a_medium_stone(): void
    {
        $state = self::compute('edge-state', [
            'condition' => 'dull', 'bladeWidthMm' => 12, 'thicknessMm' => 3, 'primaryDeg' => 25, 'secondaryDeg' => 30,
        ]);
        $plan = self::compute('honing-plan', [
            'contactWidthMm' => $state['contactWidthMm'],
            'contactLengthMm' => $state['contactLengthMm'],
            'removeUm' => $state['removeUm'],
            'finishUm' => 2,
            'abrasives' => [
                ['id' => '1000', 'particleUm' => 14, 'changeSeconds' => 20],
                ['id' => '8000', 'particleUm' => 1.2, 'changeSeconds' => 20],
            ],
        ]);
        self::assertSame(['1000', '8000'], array_column($plan['path'], 'id'));
    }
}
