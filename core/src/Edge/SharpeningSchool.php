<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Abrasive\Flatness;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\School\School;

/** How somebody sharpens: the way through the grits, on what, and how it ends. */
final readonly class SharpeningSchool
{
    /**
     * @param  list<Medium>|null  $media  what is used; null: whatever is in the rack
     * @param  bool  $strops  whether a strop ends it
     * @param  bool  $thinRule  whether only the last of an iron's back is polished, over a thin rule
     */
    public function __construct(
        public string $name = 'The least time',
        public GritPath $path = GritPath::LeastTime,
        public ?array $media = null,
        public bool $strops = false,
        public Flatness $flatness = Flatness::EveryFew,
        public bool $thinRule = false,
    ) {
    }

    public static function of(School $school): self
    {
        return new self(
            'Yours',
            GritPath::from($school->says('grit-path')),
            null,
            $school->says('upkeep') === 'strop',
            Flatness::from($school->says('flatness')),
            $school->says('iron-backs') === 'thin-rule',
        );
    }

    /** @return list<self> the schools that are compared; common practice */
    public static function all(): array
    {
        return [
            new self('The least time'),
            new self('Two stones, a big jump', GritPath::TwoStones),
            new self('Every stone in turn', GritPath::FullLadder),
            new self('Stop early where power is high', GritPath::StopEarly),
            new self('Oilstone and strop', GritPath::LeastTime, [Medium::Oilstone], true),
            new self('Paper on glass', GritPath::FullLadder, [Medium::Paper, Medium::Film]),
        ];
    }

    /**
     * @param  list<HoningStone>  $stones
     * @return list<HoningStone> those of the rack that this school hones on
     */
    public function honesOn(array $stones): array
    {
        $mine = array_filter(
            $stones,
            fn (HoningStone $stone): bool => $stone->medium->hones() &&
                ($this->media === null || in_array($stone->medium, $this->media, true)),
        );

        return array_values(
            array_map(
                fn (HoningStone $stone): HoningStone => $stone->slower($this->flatness->secondsEachUse($stone->medium)),
                $mine,
            ),
        );
    }

    /** How fine it goes: on a strop after it the stone may end coarser. */
    public function finishUm(float $wanted, EdgeDuty $duty): float
    {
        $early =
            $this->path === GritPath::StopEarly &&
            in_array($duty, [EdgeDuty::Coarse, EdgeDuty::Chop, EdgeDuty::Rough, EdgeDuty::General], true);

        return match (true) {
            $this->media === [Medium::Oilstone] => max($wanted, self::STROP_FOLLOWS_UM),
            $early => $wanted * self::EARLIER,
            default => $wanted,
        };
    }

    // A fine oilstone under a strop, and how much coarser those end who stop early; from memory.
    private const STROP_FOLLOWS_UM = 12.0;

    private const EARLIER = 3.0;
}
