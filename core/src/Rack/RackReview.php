<?php

declare(strict_types=1);

namespace JackRest\Core\Rack;

use JackRest\Core\Measure\LengthFormatter;

/**
 * What a rack holds twice, where it jumps, and what does not go together.
 *
 * Two sizes within a fifth of each other do the same work; a jump of more than six times leaves a large face
 * long on the finer stone. Both limits are from memory, the hints common practice.
 */
final readonly class RackReview
{
    private const SAME_WITHIN = 1.2;

    private const JUMP_FROM = 6.0;

    /**
     * @param  list<RackStone>  $rack
     * @param  bool  $laminated  whether an iron of the bench is laminated
     */
    public function __construct(private array $rack, private bool $laminated = false, private Flatness $flatness = Flatness::EveryFew)
    {
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
            $due = $this->flatness->due($piece);
            if ($due !== null) {
                $notes[] = new RackNote('flatten', $due, [$piece->stone->id]);
            }
        }

        return $notes;
    }

    /** @return list<RackNote> */
    private function steps(): array
    {
        $honing = array_values(array_filter($this->rack, static fn (RackStone $piece): bool => $piece->stone->medium->hones()));
        usort($honing, static fn (RackStone $a, RackStone $b): int => [$b->stone->particleUm(), $a->stone->id] <=> [$a->stone->particleUm(), $b->stone->id]);
        $notes = [];
        foreach ($honing as $index => $coarse) {
            $fine = $honing[$index + 1] ?? null;
            $note = $fine === null ? null : self::step($coarse, $fine);
            if ($note !== null) {
                $notes[] = $note;
            }
        }

        return $notes;
    }

    private static function step(RackStone $coarse, RackStone $fine): ?RackNote
    {
        $ratio = $coarse->stone->particleUm() / $fine->stone->particleUm();
        $ids = [$coarse->stone->id, $fine->stone->id];
        $sizes = LengthFormatter::decimal($coarse->stone->particleUm(), 1).' and '.LengthFormatter::decimal($fine->stone->particleUm(), 1).' µm';

        return match (true) {
            $ratio <= self::SAME_WITHIN => new RackNote('double', "The {$coarse->stone->name} and the {$fine->stone->name} do the same ($sizes).", $ids),
            $ratio >= self::JUMP_FROM => new RackNote('jump', 'A jump of ×'.LengthFormatter::decimal($ratio, 0)." from the {$coarse->stone->name} to the {$fine->stone->name}: fine for a narrow bevel, not for a back.", $ids),
            default => null,
        };
    }

    /** @return list<RackNote> */
    private function company(): array
    {
        $with = fn (Medium $medium): array => array_values(array_map(
            static fn (RackStone $piece): string => $piece->stone->id,
            array_filter($this->rack, static fn (RackStone $piece): bool => $piece->stone->medium === $medium),
        ));
        [$water, $oil, $diamond] = [$with(Medium::Waterstone), $with(Medium::Oilstone), $with(Medium::DiamondPlate)];
        $notes = [];
        if ($water !== [] && $oil !== []) {
            $notes[] = new RackNote('company', 'Keep oil and water apart: wipe the iron dry of one before it touches the other. Oil stops a waterstone cutting.', [...$oil, ...$water]);
        }
        if ($this->laminated && $diamond !== []) {
            $notes[] = new RackNote('company', 'The soft iron of a laminated blade clogs diamond and is scored by it. Hone those on the stones.', $diamond);
        }

        return $notes;
    }
}
