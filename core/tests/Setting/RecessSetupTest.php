<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Setting;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class RecessSetupTest extends TestCase
{
    use Computes;

    private const RECESS = [
        'widthMm' => 10, 'depthMm' => 8, 'fromEdgeMm' => 12, 'grain' => 'along', 'stockThicknessMm' => 22,
        'lengthMm' => 500, 'ironsMm' => [6, 9, 12], 'shavingMm' => 0.2, 'fenceMaxMm' => 120,
    ];

    /** Names of the trade: common practice, no source. */
    public function test_what_it_is_called(): void
    {
        $name = static fn (float $edge, string $grain): string => self::compute('recess-setup', [
            ...self::RECESS, 'fromEdgeMm' => $edge, 'grain' => $grain,
        ])['name'];
        self::assertSame(['rebate', 'rebate-across', 'groove', 'dado'], [
            $name(0, 'along'), $name(0, 'across'), $name(12, 'along'), $name(12, 'across'),
        ]);
    }

    public function test_a_wider_groove_takes_two_passes_the_far_one_first(): void
    {
        $answer = self::compute('recess-setup', self::RECESS);
        self::assertEquals(9, $answer['ironMm']);
        self::assertEquals(
            [['fenceMm' => 13, 'fromMm' => 13, 'toMm' => 22], ['fenceMm' => 12, 'fromMm' => 12, 'toMm' => 21]],
            $answer['passes'],
        );
        self::assertSame([40, 2 * (40 + 5 - 1)], [$answer['shavingsPerPass'], $answer['strokes']]);
        self::assertEquals([380, 260, 140, 20, 0], $answer['starts']);
        self::assertEquals(14, $answer['leftBelowMm']);
    }

    public function test_at_an_edge_an_iron_may_overhang_it(): void
    {
        $edge = [...self::RECESS, 'fromEdgeMm' => 0, 'ironsMm' => [6, 38, 50]];
        $under = self::compute('recess-setup', [...$edge, 'fenceUnderSole' => true]);
        self::assertEquals([['fenceMm' => -28, 'fromMm' => 0, 'toMm' => 10]], $under['passes']);
        $none = array_diff_key($edge, ['fenceMaxMm' => true]);
        self::assertEquals(38, self::compute('recess-setup', $none)['ironMm']);
        self::assertEquals(6, self::compute('recess-setup', $edge)['ironMm']);
        $this->assertRefused('recess-setup', [...$edge, 'ironsMm' => [38]], 'ironsMm', 'a fence under the sole');
        $this->assertRefused('recess-setup', [...self::RECESS, 'ironsMm' => [38]], 'ironsMm', 'none fits');
        self::assertEquals(10, self::compute('recess-setup', [
            ...$edge, 'ironsMm' => [38, 10], 'fenceUnderSole' => true,
        ])['ironMm']);
    }

    public function test_no_more_starts_than_shavings(): void
    {
        $answer = self::compute('recess-setup', [...self::RECESS, 'depthMm' => 0.4]);
        self::assertEquals([250, 0], $answer['starts']);
        self::assertSame(2 * (2 + 2 - 1), $answer['strokes']);
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function told(): iterable
    {
        yield 'nothing' => [[], []];
        yield 'no fence' => [['fenceMaxMm' => null], ['clamp-a-batten']];
        yield 'the fence reaches' => [['fenceMaxMm' => 13], []];
        yield 'the fence is too short' => [['fenceMaxMm' => 12.9], ['fence-too-short']];
        yield 'across' => [['grain' => 'across'], ['sever-the-walls-first', 'straight-iron-across-grain']];
        yield 'across, made for it' => [['grain' => 'across', 'nickers' => true, 'skewed' => true], []];
        yield 'half' => [['depthMm' => 11], []];
        yield 'deeper' => [['depthMm' => 11.1, 'depthStop' => false], ['stop-by-gauge-line', 'deeper-than-half']];
    }

    /**
     * @param  array<string, mixed>  $change
     * @param  list<string>  $told
     */
    #[DataProvider('told')]
    public function test_what_is_told(array $change, array $told): void
    {
        $asked = array_filter([...self::RECESS, ...$change], static fn (mixed $one): bool => $one !== null);
        self::assertSame($told, self::compute('recess-setup', $asked)['warnings']);
        $this->assertRefused('recess-setup', [...self::RECESS, 'depthMm' => 22], 'depthMm', 'wood is thick');
    }

    /** Planed in a model of the wood: the passes take every strip of the recess and none beside it. */
    public function test_passes_take_the_recess_and_nothing_else(): void
    {
        $dice = new Randomizer(new Mt19937(5));
        for ($trial = 0; $trial < 300; $trial++) {
            $edge = $dice->getInt(1, 80);
            $width = $dice->getInt(5, 40);
            $passes = self::compute('recess-setup', [
                ...self::RECESS, 'fromEdgeMm' => $edge, 'widthMm' => $width,
                'ironsMm' => array_map(static fn (): int => $dice->getInt(3, 50), range(1, 4)) + [4 => 3],
            ])['passes'];
            $taken = array_fill(0, 1300, false);
            $before = INF;
            foreach ($passes as $pass) {
                self::assertLessThan($before, $pass['fenceMm']);
                $before = $pass['fenceMm'];
                for ($strip = (int) ceil($pass['fromMm'] * 10 - 0.5); $strip + 0.5 < $pass['toMm'] * 10; $strip++) {
                    $taken[$strip] = true;
                }
            }
            self::assertSame(range($edge * 10, ($edge + $width) * 10 - 1), array_keys(array_filter($taken)));
        }
    }
}
