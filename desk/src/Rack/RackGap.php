<?php

declare(strict_types=1);

namespace JackRest\Desk\Rack;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Rack\RackStone;

/** The step from one honing stone to the next finer one: how many times finer its particles are. */
final readonly class RackGap
{
    /**
     * Two sizes within a fifth of each other do the same work; a jump of more than six times leaves a large face
     * long on the finer stone. Both from memory.
     */
    private const SAME_WITHIN = 1.2;

    private const JUMP_FROM = 6.0;

    public function __construct(public RackStone $coarse, public RackStone $fine)
    {
    }

    public function times(): float
    {
        return $this->coarse->stone->particleUm() / $this->fine->stone->particleUm();
    }

    /** @return 'double'|'jump'|'step' */
    public function kind(): string
    {
        return match (true) {
            $this->times() <= self::SAME_WITHIN => 'double',
            $this->times() >= self::JUMP_FROM => 'jump',
            default => 'step',
        };
    }

    /** The factor as it stands on the scale, such as ×3.8. */
    public function label(): string
    {
        return '×'.LengthFormatter::decimal($this->times(), $this->times() < 10 ? 1 : 0);
    }

    /** What is to be said of it; null: an ordinary step. */
    public function note(): ?RackNote
    {
        [$coarse, $fine] = [$this->coarse->stone, $this->fine->stone];
        $sizes =
            LengthFormatter::decimal($coarse->particleUm(), 1).
            ' and '.
            LengthFormatter::decimal($fine->particleUm(), 1).
            ' µm';

        return match ($this->kind()) {
            'double' => new RackNote('double', "The {$coarse->name} and the {$fine->name} do the same ($sizes).", [
                $coarse->id,
                $fine->id,
            ]),
            'jump' => new RackNote(
                'jump',
                'A jump of ×'.
                    LengthFormatter::decimal($this->times(), 0).
                    " from the {$coarse->name} to the {$fine->name}: fine for a narrow bevel, not for a back.",
                [$coarse->id, $fine->id],
            ),
            'step' => null,
        };
    }
}
