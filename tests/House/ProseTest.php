<?php

declare(strict_types=1);

namespace Tests\House;

use PhpToken;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * The core has rules and numbers; what is read on a screen is written by the desk.
 *
 * The catalogue's descriptions, errors, the descriptions of fields and the contract's `reason` and `warnings` stay.
 */
final class ProseTest extends TestCase
{
    private const CORE = __DIR__.'/../../core/src/';

    /** Lists of what there is, with their descriptions. */
    private const CATALOGUE = [
        'Edge/SharpeningSchool.php',
        'Filing/TriangularFile.php',
        'Kit/Article.php',
        'Rack/StonesOfKind.php',
        'School/Questions.php',
        'Stall/Checks',
        'Tool/Kinds/',
        'Work/Conditions/',
        'Work/Operations/',
        'Work/Patterns/',
        'Work/When.php',
    ];

    /** Calculations whose answers carry a `reason` or `warnings` by contract. */
    private const REASONS = [
        'Edge/CuttingGeometry.php',
        'Filing/AugerCheck.php',
        'Fit/SawFit.php',
        'Making/BentBatten.php',
        'Timber/WoodMovement.php',
    ];

    /** What input is refused for, where it is not thrown at once. */
    private const ERRORS = [
        'Calculation/',
        'Edge/EdgeStateInput.php',
        'Kit/DoubledIds.php',
        'Kit/KitPlanInput.php',
        'Kit/KitStagesInput.php',
        'Season/ClimateLine.php',
    ];

    public function test_the_core_writes_no_sentences(): void
    {
        $prose = [];
        foreach (self::files() as $file => $code) {
            foreach (self::texts($code) as $text) {
                if (self::isSentence($text)) {
                    $prose[] = "$file: $text";
                }
            }
        }

        self::assertSame([], $prose);
    }

    public function test_a_sentence_would_be_found(): void
    {
        $code =
            '<?php #[Field(\'the length of the whole blade, mm\')] throw InvalidInput::because(\'\', "must be $a");'.
            ' $a = "It drifts by $b a year."; $c = \'mm from the heel on\'; $d = \'jack-plane\'; $e = \'a nicker\';';

        self::assertSame(
            ['It drifts by … a year.', 'mm from the heel on'],
            array_values(array_filter(self::texts($code), self::isSentence(...))),
        );
    }

    private static function isSentence(string $text): bool
    {
        $words = preg_match_all('/(?<=^|\s)[\p{L}’]{2,}/u', $text);

        return $words >= 4 || ($words >= 2 && preg_match('/[.!?]$/', $text) === 1);
    }

    /** @return iterable<string, string> code by path; enums describe their choices and count as catalogue */
    private static function files(): iterable
    {
        $exempt = [...self::CATALOGUE, ...self::REASONS, ...self::ERRORS];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::CORE)) as $file) {
            $path = substr($file->getPathname(), strlen(self::CORE));
            $code = $file->getExtension() === 'php' ? (string) file_get_contents($file->getPathname()) : '';
            $known = array_filter($exempt, static fn (string $start): bool => str_starts_with($path, $start));
            if ($code !== '' && $known === [] && preg_match('/^enum /m', $code) !== 1) {
                yield $path => $code;
            }
        }
    }

    /** @return list<string> every text of it but in attributes and in what is thrown; `…` for what is put in */
    private static function texts(string $code): array
    {
        $texts = [];
        $open = null;
        $tokens = PhpToken::tokenize($code);
        for ($at = 0; $at < count($tokens); $at++) {
            $token = $tokens[$at];
            if ($token->is(T_ATTRIBUTE)) {
                $at = self::behind($tokens, $at, ['[', '#['], [']']);
            } elseif ($token->is(T_THROW) || ($token->is(T_STRING) && $token->text === 'InvalidInput')) {
                $at = self::behind($tokens, $at, ['('], [')']);
            } elseif ($token->is(T_CONSTANT_ENCAPSED_STRING)) {
                $texts[] = substr($token->text, 1, -1);
            } elseif ($token->text === '"') {
                if ($open !== null) {
                    $texts[] = $open;
                }
                $open = $open === null ? '' : null;
            } elseif ($open !== null) {
                $open .= $token->is(T_ENCAPSED_AND_WHITESPACE) ? $token->text : (str_ends_with($open, '…') ? '' : '…');
            }
        }

        return $texts;
    }

    /**
     * @param  array<int, PhpToken>  $tokens
     * @param  list<string>  $opening
     * @param  list<string>  $closing
     * @return int where the next bracket from here on closes
     */
    private static function behind(array $tokens, int $at, array $opening, array $closing): int
    {
        $depth = 0;
        for (; $at < count($tokens); $at++) {
            $depth += in_array($tokens[$at]->text, $opening, true) ? 1 : 0;
            if (in_array($tokens[$at]->text, $closing, true) && --$depth <= 0) {
                return $at;
            }
            if ($depth === 0 && $tokens[$at]->text === ';') {
                return $at;
            }
        }

        return $at;
    }
}
