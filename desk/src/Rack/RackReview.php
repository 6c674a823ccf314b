<?php

declare(strict_types=1);

namespace JackRest\Desk\Rack;

use JackRest\Core\Abrasive\Flatness;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Rack\RackStone;
use JackRest\Desk\Advice;

/**
 * What a rack holds twice, where it jumps, and what does not go together.
 *
 * The hints are common practice.
 */
final readonly class RackReview
{
    /**
     * @param  list<RackStone>  $rack
     * @param  bool  $laminated  whether an iron of the bench is laminated
     */
    public function __construct(
        private array $rack,
        private bool $laminated = false,
        private Flatness $flatness = Flatness::EveryFew,
    ) {
    }

    /** @return list<RackNote> */
    public function notes(): array
    {
        return [...$this->flattening(), ...$this->steps(), ...$this->company()];
    }

    /** @return list<RackNote> */
    private function flattening(): array
    {
        $notes = [];
        foreach ($this->rack as $piece) {
            $due = self::flatten($piece, $this->flatness);
            if ($due !== null) {
                $notes[] = new RackNote('flatten', $due, [$piece->stone->id]);
            }
        }

        return $notes;
    }

    /** @return list<RackGap> from each honing stone to the next finer one, coarse to fine */
    public function gaps(): array
    {
        $honing = array_values(
            array_filter($this->rack, static fn (RackStone $piece): bool => $piece->stone->medium->hones()),
        );
        usort(
            $honing,
            static fn (RackStone $a, RackStone $b): int => [$b->stone->particleUm(), $a->stone->id] <=> [
                $a->stone->particleUm(),
                $b->stone->id,
            ],
        );

        return array_map(
            static fn (RackStone $coarse, RackStone $fine): RackGap => new RackGap($coarse, $fine),
            array_slice($honing, 0, -1),
            array_slice($honing, 1),
        );
    }

    /** What is to be done about a stone now; null: nothing. */
    public static function flatten(RackStone $piece, Flatness $flatness): ?string
    {
        $stone = $piece->stone;
        if (! $flatness->isDue($stone->medium, $piece->edgesSinceFlat)) {
            return null;
        }
        $minutes = intdiv($stone->medium->flatteningSeconds(), 60);

        return "Flatten the {$stone->name}: {$piece->edgesSinceFlat} edges since it was last flat. About ".
            ($minutes === 1 ? 'a minute.' : "$minutes minutes.");
    }

    public function next(): Advice
    {
        $due = $this->flattening();
        $double = array_values(
            array_filter($this->steps(), static fn (RackNote $note): bool => $note->kind === 'double'),
        );

        return match (true) {
            $this->rack === [] => new Advice(
                'Add the first stone.',
                'A name and a grit are enough; plans then choose among what you have.',
            ),
            $due !== [] => new Advice(
                $due[0]->says,
                'A hollow stone rounds the edge at its corners and makes every back convex.',
            ),
            $double !== [] => new Advice($double[0]->says, 'One of them could go; the plans never need both.'),
            default => new Advice(
                'Nothing to do: every stone is flat enough.',
                'Sessions count the edges since each was flattened.',
            ),
        };
    }

    /** @return list<RackNote> */
    private function steps(): array
    {
        return array_values(
            array_filter(array_map(static fn (RackGap $gap): ?RackNote => $gap->note(), $this->gaps())),
        );
    }

    /** @return list<RackNote> */
    private function company(): array
    {
        $with = fn (Medium $medium): array => array_values(
            array_map(
                static fn (RackStone $piece): string => $piece->stone->id,
                array_filter(
                    $this->rack,
                    static fn (RackStone $piece): bool => $piece->stone->medium === $medium,
                ),
            ),
        );
        [$water, $oil, $diamond] = [
            $with(Medium::Waterstone),
            $with(Medium::Oilstone),
            $with(Medium::DiamondPlate),
        ];
        $notes = [];
        if ($water !== [] && $oil !== []) {
            $notes[] = new RackNote(
                'company',
                'Keep oil and water apart: wipe the iron dry of one before it touches the other. Oil stops a '.
                    'waterstone cutting.',
                [...$oil, ...$water],
            );
        }
        if ($this->laminated && $diamond !== []) {
            $notes[] = new RackNote(
                'company',
                'The soft iron of a laminated blade clogs diamond and is scored by it. Hone those on the stones.',
                $diamond,
            );
        }

        return $notes;
    }
}
