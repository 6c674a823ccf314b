<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Desk\SetOut\Hands;

/** A plane at hand that cuts recesses: its irons, and what guides it. What a kind has is common practice. */
final readonly class RecessPlane
{
    private const SET = 8;

    /**
     * @param  non-empty-list<float>  $irons  mm
     * @param  float  $setUpMinutes  until it cuts; from memory
     */
    private function __construct(
        public string $name,
        public array $irons,
        public ?float $fenceMax,
        public bool $depthStop,
        public bool $nickers,
        public bool $skewed,
        public bool $fenceUnderSole,
        public bool $isPlough = false,
        private bool $isForDados = false,
        public float $setUpMinutes = 6.0,
    ) {
    }

    /** @return list<self> */
    public static function all(Hands $hands): array
    {
        $planes = [];
        foreach (['plough-plane', 'moving-fillister', 'skew-rebate-plane', 'rebate-plane', 'dado-plane'] as $kind) {
            foreach ($hands->of($kind) as $tool) {
                $planes[] = self::of($tool, $hands);
            }
        }

        return $planes;
    }

    /** Where none hangs here: the plane that most would borrow or buy for it. */
    public static function usual(bool $isAtEdge, bool $isAcross, float $widthMm): self
    {
        return match (true) {
            $isAtEdge => new self('moving fillister', [38.0], 38.0, true, true, true, true),
            $isAcross => new self('dado plane', [$widthMm], null, true, true, true, false, isForDados: true),
            default => new self('plough plane', self::usualSet(), 120.0, true, false, false, false, isPlough: true),
        };
    }

    /** What holds it to its line: fixed fence and depth are the workmanship of certainty (common practice). */
    public function certainty(): string
    {
        return match (true) {
            $this->fenceMax !== null && $this->depthStop => 'held by fence and stop',
            $this->depthStop => 'held by a batten and its stop',
            default => 'by batten, line and eye',
        };
    }

    /** Whether a plane of its kind can cut it at all. */
    public function cuts(bool $isAtEdge, bool $isAcross): bool
    {
        return match (true) {
            $this->isPlough => ! $isAcross,
            $this->isForDados => $isAcross && ! $isAtEdge,
            default => $isAtEdge || $this->fenceMax === null,
        };
    }

    private static function of(ToolAtHand $tool, Hands $hands): self
    {
        $sizes = $tool->sizes();
        $iron = $sizes['iron'];
        $nickers = ($sizes['nicker'] ?? 0.0) >= 1;

        return match ($tool->kind) {
            'plough-plane' => new self(
                $tool->name,
                self::ploughIrons($iron, $hands),
                $sizes['fence'],
                true,
                false,
                false,
                false,
                isPlough: true,
            ),
            'moving-fillister' => new self($tool->name, [$iron], $iron, true, $nickers, true, true),
            'skew-rebate-plane' => new self($tool->name, [$iron], $iron, true, $nickers, true, true),
            'dado-plane' => new self($tool->name, [$iron], null, true, true, true, false, isForDados: true),
            // A batten is clamped for each cut, and the depth is gauged.
            default => new self($tool->name, [$iron], null, false, false, false, false, setUpMinutes: 8.0),
        };
    }

    /** @return non-empty-list<float> */
    private static function ploughIrons(float $own, Hands $hands): array
    {
        $set = $hands->of('plough-irons')[0] ?? null;

        return $set === null ? [$own] : [$own, ...self::set($set->sizes()['iron'], $set->sizes()['widest'])];
    }

    /** @return non-empty-list<float> a set of eight, and the width most grooves have */
    private static function usualSet(): array
    {
        return [6.0, ...self::set(3.0, 14.0)];
    }

    /** @return non-empty-list<float> eight widths, as sets were sold */
    private static function set(float $least, float $most): array
    {
        return array_map(
            static fn (int $index): float => round($least + ($most - $least) * $index / (self::SET - 1), 1),
            range(0, self::SET - 1),
        );
    }
}
