<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\School\School;
use JackRest\Core\Timber\Hardness;

/** Who sets out: the tools at hand, the school, and what was measured lately: a shaving, a turn of the bit, the air. */
final readonly class Hands
{
    /** Where no shaving was measured; common practice. */
    public const USUAL_SHAVING_MM = 0.1;

    /**
     * @param  list<ToolAtHand>  $tools
     * @param  float|null  $shavingMm  as it was typed at the last test of a reference; null: none was
     * @param  float|null  $leadMm  a turn of the user's own bit, counted through a hole; null: none was counted
     */
    public function __construct(
        public array $tools,
        public School $school,
        public Hardness $hardness = Hardness::Soft,
        public ?float $shavingMm = null,
        public ?float $leadMm = null,
        public ShopMoisture $shop = new ShopMoisture(),
    ) {
    }

    /** @return list<ToolAtHand> in the order of the kinds */
    public function of(string ...$kinds): array
    {
        $found = [];
        foreach ($kinds as $kind) {
            foreach ($this->tools as $tool) {
                if ($tool->kind === $kind) {
                    $found[] = $tool;
                }
            }
        }

        return $found;
    }

    /** One size of the first tool there is of these kinds; null: there is none. */
    public function size(string $size, string ...$kinds): ?float
    {
        $tool = $this->of(...$kinds)[0] ?? null;

        return $tool === null ? null : $tool->sizes()[$size] ?? null;
    }

    /** @return list<float> widths of the chisels at hand, the narrowest first, each once */
    public function chisels(string ...$kinds): array
    {
        $widths = array_map(static fn (ToolAtHand $tool): float => $tool->sizes()['width'], $this->of(...$kinds));
        sort($widths);

        return array_values(array_unique($widths));
    }

    /** The slope that the school cuts tails at, so many along to one across. */
    public function slope(): float
    {
        return match ($this->school->says('tail-slope')) {
            'by-wood' => $this->hardness === Hardness::Hard ? 8.0 : 6.0,
            'fourteen' => 1 / tan(deg2rad(14)),
            default => 7.0,
        };
    }

    public function shaving(): float
    {
        return $this->shavingMm ?? self::USUAL_SHAVING_MM;
    }
}
