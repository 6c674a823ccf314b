<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

/**
 * Numbers as a phone writes down what it hears, in figures: `twelve point five millimetres` is `12.5 millimetres`,
 * `one and three eighths of an inch` is `1 3/8 inch`. What has no number in words stays as it is.
 */
final class SpokenNumber
{
    private const ONES = [
        'zero' => 0, 'nought' => 0, 'oh' => 0, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5,
        'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12,
        'thirteen' => 13, 'fourteen' => 14, 'fifteen' => 15, 'sixteen' => 16, 'seventeen' => 17, 'eighteen' => 18,
        'nineteen' => 19,
    ];

    private const TENS = [
        'twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fifty' => 50, 'sixty' => 60, 'seventy' => 70, 'eighty' => 80,
        'ninety' => 90,
    ];

    private const PARTS = [
        'half' => 2, 'halves' => 2, 'third' => 3, 'thirds' => 3, 'quarter' => 4, 'quarters' => 4, 'fourth' => 4,
        'fourths' => 4, 'eighth' => 8, 'eighths' => 8, 'sixteenth' => 16, 'sixteenths' => 16,
    ];

    /** Two words of an inch rule. */
    private const LONG_PARTS = [
        'thirty second' => 32, 'thirty seconds' => 32, 'sixty fourth' => 64, 'sixty fourths' => 64,
    ];

    private const POINT = ['point', 'dot', 'comma'];

    private const SILENT = ['a', 'an', 'of', 'the'];

    /** @var list<string> */
    private array $words;

    private int $at = 0;

    private function __construct(string $text)
    {
        $words = preg_split('/(?<=\p{L})-(?=\p{L})|\s+/u', mb_strtolower(trim($text)));
        $this->words = array_values(
            array_filter($words === false ? [] : $words, static fn (string $one): bool => $one !== ''),
        );
    }

    public static function written(string $text): string
    {
        $spoken = implode('|', [...array_keys(self::ONES), ...array_keys(self::TENS), ...array_keys(self::PARTS),
            ...self::POINT, 'hundred', 'thousand', 'minus', 'and']);

        return preg_match("/(?<!\\p{L})(?:$spoken)(?!\\p{L})/iu", $text) === 1
            ? (new self($text))->read() ?? $text
            : $text;
    }

    /** Null: there is no number in it. */
    private function read(): ?string
    {
        $sign = in_array($this->word(), ['minus', 'negative'], true) ? '-' : '';
        $this->at += $sign === '' ? 0 : 1;
        $this->silent();
        $whole = $this->whole();
        $part = $this->part();
        if ($part !== null) {
            // Three eighths: what was taken for the whole counts the parts.
            return $this->with($sign, ($whole ?? 1)."/$part");
        }
        if (in_array($this->word(), self::POINT, true)) {
            $this->at++;

            return $this->with($sign, ($whole ?? 0).'.'.$this->decimals());
        }
        if ($whole === null) {
            return null;
        }
        if ($this->word() === 'and') {
            $this->at++;
            $this->silent();

            return $this->with($sign, trim("$whole {$this->fraction()}"));
        }

        return $this->with($sign, (string) $whole);
    }

    /** What follows, such as a unit, stays. */
    private function with(string $sign, string $number): string
    {
        $this->silent();

        return trim($sign.$number.' '.implode(' ', array_slice($this->words, $this->at)));
    }

    private function fraction(): string
    {
        $above = $this->whole();
        $part = $this->part();

        return $part === null ? (string) $above : ($above ?? 1)."/$part";
    }

    private function whole(): ?int
    {
        $sum = $group = null;
        while (($word = $this->word()) !== null && ! $this->isPart()) {
            $number = self::ONES[$word] ?? self::TENS[$word] ?? (ctype_digit($word) ? (int) $word : null);
            if ($number !== null && self::mayFollow($group, $number)) {
                $group = ($group ?? 0) + $number;
            } elseif ($word === 'hundred' && ($group ?? 1) < 100) {
                $group = 100 * ($group ?? 1);
            } elseif ($word === 'thousand' && $sum === null) {
                $sum = 1000 * ($group ?? 1);
                $group = 0;
            } elseif ($word !== 'and' || ($group ?? 1) % 100 !== 0 || $this->partFollows()) {
                break;
            }
            $this->at++;
        }

        return $sum === null && $group === null ? null : ($sum ?? 0) + ($group ?? 0);
    }

    /** Twenty five, a hundred and five; but two five is no number. */
    private static function mayFollow(?int $group, int $number): bool
    {
        return $group === null || ($group % 100 === 0 && $number < 100) ||
            ($number > 0 && $number < 10 && $group % 10 === 0 && $group % 100 >= 20);
    }

    /** What comes after a point: figure by figure, or as a number. */
    private function decimals(): string
    {
        $figures = '';
        while (($word = $this->word()) !== null) {
            $next = self::ONES[$this->words[$this->at + 1] ?? ''] ?? 0;
            $isTens = isset(self::TENS[$word]) && $next > 0 && $next < 10;
            $figure = $isTens ? intdiv(self::TENS[$word], 10) : self::ONES[$word] ?? self::TENS[$word] ?? $word;
            if (! is_int($figure) && ! ctype_digit($figure)) {
                break;
            }
            $figures .= $figure;
            $this->at++;
        }

        return $figures;
    }

    private function part(): ?int
    {
        $two = "{$this->word()} ".($this->words[$this->at + 1] ?? '');
        $part = self::LONG_PARTS[$two] ?? self::PARTS[$this->word() ?? ''] ?? null;
        $this->at += isset(self::LONG_PARTS[$two]) ? 2 : ($part === null ? 0 : 1);

        return $part;
    }

    private function isPart(): bool
    {
        return isset(self::PARTS[$this->word() ?? '']) ||
            isset(self::LONG_PARTS["{$this->word()} ".($this->words[$this->at + 1] ?? '')]);
    }

    /** After “and”: a hundred and a half, but a hundred and five. */
    private function partFollows(): bool
    {
        $ahead = clone $this;
        $ahead->at++;
        $ahead->silent();
        $ahead->whole();

        return $ahead->isPart();
    }

    private function silent(): void
    {
        while (in_array($this->word(), self::SILENT, true)) {
            $this->at++;
        }
    }

    private function word(): ?string
    {
        return $this->words[$this->at] ?? null;
    }
}
