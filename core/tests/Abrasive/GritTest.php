<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Abrasive;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class GritTest extends TestCase
{
    use Computes;

    /** @return iterable<string, array{GritScale, string}> */
    public static function scalesThatGnuUnitsKnows(): iterable
    {
        yield 'FEPA 43, coated (P)' => [GritScale::FepaP, 'grit_P'];
        yield 'FEPA 42, bonded (F)' => [GritScale::FepaF, 'grit_F'];
        yield 'ANSI B74.18, coated' => [GritScale::AnsiCoated, 'grit_ansicoated'];
        yield 'ANSI B74.12, bonded' => [GritScale::AnsiBonded, 'grit_ansibonded'];
        yield 'JIS R 6001' => [GritScale::Jis, 'jisgrit'];
    }

    /** Every designation against GNU units (Debian package units), which quotes the published tables. */
    #[DataProvider('scalesThatGnuUnitsKnows')]
    public function test_every_designation_agrees_with_gnu_units(GritScale $scale, string $function): void
    {
        $designations = array_keys($scale->table());
        $questions = implode(
            "\n",
            array_map(static fn (int|string $grit): string => "$function($grit)\nmicron", $designations),
        );
        $answers = explode(
            "\n",
            trim((string) shell_exec('printf %s '.escapeshellarg($questions."\n").' | units -t -q 2>/dev/null')),
        );

        self::assertSame(
            array_map(static fn (float $um): string => (string) $um, array_values($scale->table())),
            array_map(static fn (string $um): string => (string) (float) $um, $answers),
        );
    }

    #[DataProvider('scalesThatGnuUnitsKnows')]
    public function test_no_designation_of_gnu_units_is_missing(GritScale $scale, string $function): void
    {
        $table = ['grit_ansicoated' => 'ansicoated', 'grit_ansibonded' => 'ansibonded'][$function] ?? $function;
        preg_match(
            "/^{$table}\[micron\][^\n]*\n((?:\s+[\d.]+ [\d.]+ ?\\\\?\n)+)/m",
            (string) file_get_contents('/usr/share/units/definitions.units'),
            $match,
        );
        preg_match_all('/^\s+(\d+) /m', $match[1] ?? '', $listed);

        self::assertSame($listed[1], array_map(strval(...), array_keys($scale->table())));
    }

    #[TestWith(['fepa-p', 'P1000'])]
    #[TestWith(['fepa-p', '1000'])]
    #[TestWith(['fepa-p', 'p1000'])]
    public function test_the_letter_before_a_designation_may_stand_or_not(string $scale, string $designation): void
    {
        self::assertSame(18.3, self::compute('grit', ['scale' => $scale, 'designation' => $designation])['particleUm']);
    }

    public function test_equivalents_name_the_nearest_by_ratio_in_every_other_scale(): void
    {
        $answer = self::compute('grit', ['scale' => 'jis', 'designation' => '1000']);

        self::assertSame(11.5, $answer['particleUm']);
        self::assertSame(
            ['fepa-p' => '1500', 'fepa-f' => '500', 'ansi-coated' => '800', 'ansi-bonded' => '600', 'micron' => '11.5'],
            array_column($answer['equivalents'], 'designation', 'scale'),
        );
    }

    public function test_a_size_in_micrometres_is_its_own_designation(): void
    {
        self::assertEquals(9, self::compute('grit', ['scale' => 'micron', 'designation' => '9 µm'])['particleUm']);
    }

    public function test_an_unlisted_designation_names_its_two_neighbours(): void
    {
        $this->assertRefused('grit', ['scale' => 'fepa-p', 'designation' => '1100'], 'designation', 'P1000 and P1200');
    }

    public function test_finer_than_the_table_asks_for_micrometres(): void
    {
        $this->assertRefused(
            'grit',
            ['scale' => 'jis', 'designation' => '30000'],
            'designation',
            'give the particle size in micrometres',
        );
    }

    public function test_coarser_than_the_table_says_where_it_begins(): void
    {
        $this->assertRefused('grit', ['scale' => 'jis', 'designation' => '60'], 'designation', 'begins at 150');
    }

    #[TestWith(['nought'])]
    #[TestWith(['0'])]
    #[TestWith(['-5'])]
    public function test_a_word_or_nothing_is_no_size(string $designation): void
    {
        $this->assertRefused(
            'grit',
            ['scale' => 'micron', 'designation' => $designation],
            'designation',
            'particle size in micrometres',
        );
    }
}
