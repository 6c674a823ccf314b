<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/**
 * Answers that were proven, kept for the next question: a ladder asks for nearly the same plan again and again, and
 * what was bought in between touches few of its parts.
 */
final class ProvenParts
{
    /** @var array<string, list<string>> ids of the tools, by the part they are the answer of */
    private array $answers = [];

    /** @return list<int>|null numbers of the tools; null: not asked before */
    public function answer(KitReduction $reduction, CoverProblem $part): ?array
    {
        $ids = $this->answers[self::key($reduction, $part)] ?? null;

        return $ids === null ? null : array_map($reduction->numberOf(...), $ids);
    }

    /** @param  list<int>  $tools */
    public function keep(KitReduction $reduction, CoverProblem $part, array $tools): void
    {
        $this->answers[self::key($reduction, $part)] = array_map(
            static fn (int $tool): string => $reduction->toolIds[$tool],
            $tools,
        );
    }

    /** By ids and prices, not by numbers: these change with every tool that is bought. */
    private static function key(KitReduction $reduction, CoverProblem $part): string
    {
        $tools = [];
        foreach (array_keys($part->values) as $tool) {
            $tools[$tool] = [$reduction->toolIds[$tool], $reduction->bag->cost($reduction->toolIds[$tool])];
        }
        $places = array_flip(array_keys($tools));
        $options = array_map(
            static fn (array $sets): array => array_map(
                static fn (array $set): array => array_map(static fn (int $tool): int => $places[$tool], $set),
                $sets,
            ),
            $part->options,
        );

        return hash('xxh128', serialize([array_values($tools), $options]));
    }
}
