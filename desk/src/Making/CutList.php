<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\Fitness;
use JackRest\Core\Shelf\Judged;
use JackRest\Core\Shelf\Ranking;
use JackRest\Core\Shelf\Reason;
use JackRest\Core\Shelf\Swings;
use JackRest\Core\Shelf\WoodBlank;
use JackRest\Desk\Shelf\JudgedWords;

/**
 * Which part comes out of which blank, with what is planed and sawn off left on.
 *
 * The part whose rough length is greatest first, each from the best blank that still has the length for all of its
 * kind;
 * pieces of one blank follow each other along it, a saw's kerf apart.
 */
final readonly class CutList
{
    private const KERF_MM = 5.0;

    /** @param  list<Assigned>  $rows  in the order of the parts */
    private function __construct(public array $rows)
    {
    }

    /**
     * @param  non-empty-list<Part>  $parts
     * @param  list<WoodBlank>  $blanks
     * @param  array<string, string>  $chosen  the blank the user wants a part from, by the part's key
     */
    public static function of(array $parts, array $blanks, array $chosen, Swings $swings, LengthFormatter $format): self
    {
        $left = [];
        foreach ($blanks as $blank) {
            $left[$blank->id] = $blank->lengthMm;
        }
        $order = array_keys($parts);
        // What the user has chosen takes its wood first, then the longest.
        usort(
            $order,
            static fn (int $one, int $other): int => [
                ! isset($chosen[$parts[$one]->key]),
                $parts[$other]->wanted->lengthMm,
            ] <=> [! isset($chosen[$parts[$other]->key]), $parts[$one]->wanted->lengthMm],
        );
        $rows = [];
        foreach ($order as $index) {
            $wanted = $parts[$index]->wanted;
            $row = self::assign(
                $parts[$index],
                Ranking::through($blanks, $wanted, $swings->at($wanted->thicknessMm))->judged,
                $left,
                $chosen[$parts[$index]->key] ?? null,
                $format,
            );
            if ($row->from !== null && $row->wrong === null) {
                $left[$row->from->blank->id] -= self::lengthOf($parts[$index]);
            }
            $rows[$index] = $row;
        }
        ksort($rows);

        return new self(array_values($rows));
    }

    /** What all pieces of a part take off a blank's length, mm. */
    public static function lengthOf(Part $part): float
    {
        return $part->count * ($part->wanted->roughLengthMm() + self::KERF_MM);
    }

    /** @return array<string, float> mm that are cut off each blank, by its id */
    public function taken(): array
    {
        $taken = [];
        foreach ($this->rows as $row) {
            if ($row->from !== null && $row->wrong === null) {
                $taken[$row->from->blank->id] = ($taken[$row->from->blank->id] ?? 0.0) + self::lengthOf($row->part);
            }
        }

        return $taken;
    }

    public function isWhole(): bool
    {
        return array_filter(
            $this->rows,
            static fn (Assigned $row): bool => $row->from === null || $row->wrong !== null,
        ) === [];
    }

    /**
     * @param  list<Judged>  $judged  best first
     * @param  array<string, float>  $left  mm still there of each blank
     */
    private static function assign(
        Part $part,
        array $judged,
        array $left,
        ?string $chosen,
        LengthFormatter $format,
    ): Assigned {
        // The last piece of a blank needs no kerf behind it.
        $needs = self::lengthOf($part) - self::KERF_MM;
        foreach ($judged as $one) {
            $fits = $left[$one->blank->id] >= $needs;
            if ($chosen === $one->blank->id) {
                return new Assigned(
                    $part,
                    $one,
                    self::wrong($one, $fits, $left[$one->blank->id], $needs, $format),
                    true,
                );
            }
            if ($chosen === null && $fits && $one->fitness !== Fitness::Unfit) {
                return new Assigned($part, $one);
            }
        }

        return new Assigned($part, null);
    }

    private static function wrong(Judged $one, bool $fits, float $left, float $needs, LengthFormatter $format): ?string
    {
        $size = array_filter($one->reasons, static fn (Reason $reason): bool => $reason->fitness === Fitness::Unfit);

        return match (true) {
            $size !== [] => (new JudgedWords($one, $format))->reason(reset($size)),
            ! $fits => "The {$one->blank->name} has only {$format->dimension(max(0.0, $left))} left; "
                ."{$format->dimension($needs)} are wanted.",
            default => null,
        };
    }
}
