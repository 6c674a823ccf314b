<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;

/** The edges that come with a tool. Angles by common practice; what a user measures takes their place. */
final class EdgesOfKind
{
    // A set holds irons by the sixteenth from the narrowest to the widest, eight of them at most.
    private const SET = 8;

    /** @return list<NewEdge> none for a tool without an edge to hone */
    public static function of(ToolAtHand $tool, LengthFormatter $format): array
    {
        $pattern = self::patterns()[$tool->kind] ?? null;
        if ($pattern === null) {
            return [];
        }
        if ($tool->kind === 'plough-irons') {
            return self::set($pattern, $tool->sizes(), $format);
        }

        return array_map(
            fn (string $which): NewEdge => $pattern->edge(self::name($pattern, $tool, $which, $format), $tool->sizes()),
            $pattern->each,
        );
    }

    /** One iron more for a body that takes several. */
    public static function another(ToolAtHand $tool, LengthFormatter $format): NewEdge
    {
        $pattern = self::patterns()[$tool->kind] ?? new EdgePattern(EdgeKind::PlaneIron, EdgeDuty::General);
        $edge = $pattern->edge('', $tool->sizes());

        return $pattern->edge("another {$edge->form->label()} of the {$tool->name}", $tool->sizes());
    }

    public static function has(string $kind): bool
    {
        return isset(self::patterns()[$kind]);
    }

    private static function name(EdgePattern $pattern, ToolAtHand $tool, string $which, LengthFormatter $format): string
    {
        $width = $format->dimension($pattern->edge('', $tool->sizes())->widthMm);
        $plain = (string) preg_replace('/,.*/', '', $tool->name);
        $of = match ($pattern->form) {
            EdgeKind::Chisel => str_contains($tool->name, $width) ? "$width $plain" : $tool->name,
            EdgeKind::PlaneIron, EdgeKind::Spokeshave => "iron of the $plain, $width",
            default => $tool->name,
        };

        return trim("$which $of");
    }

    /**
     * @param  array<string, float>  $sizes
     * @return list<NewEdge>
     */
    private static function set(EdgePattern $pattern, array $sizes, LengthFormatter $format): array
    {
        [$least, $most] = [$sizes['iron'] ?? 3.0, $sizes['widest'] ?? 14.0];
        $edges = [];
        for ($index = 0; $index < self::SET; $index++) {
            $width = round($least + (($most - $least) * $index) / (self::SET - 1), 1);
            $edges[] = $pattern->edge("plough iron, {$format->dimension($width)}", $sizes, $width);
        }

        return $edges;
    }

    /** @return array<string, EdgePattern> by kind of tool */
    private static function patterns(): array
    {
        /** @var array<string, EdgePattern>|null $patterns */
        static $patterns = null;

        return $patterns ??= [
            ...self::chisels(),
            ...self::benchPlanes(),
            ...self::joineryPlanes(),
            ...self::smallTools(),
        ];
    }

    /** @return array<string, EdgePattern> */
    private static function chisels(): array
    {
        return [
            'bench-chisel' => new EdgePattern(EdgeKind::Chisel, EdgeDuty::General, thicknessMm: 3.5),
            'mortise-chisel' => new EdgePattern(EdgeKind::Chisel, EdgeDuty::Chop, 30, 35, 10),
            'paring-chisel' => new EdgePattern(EdgeKind::Chisel, EdgeDuty::Pare, 20, 25, 3),
            'firmer-chisel' => new EdgePattern(EdgeKind::Chisel, EdgeDuty::Chop, thicknessMm: 5),
            'skew-chisels' => new EdgePattern(
                EdgeKind::Chisel,
                EdgeDuty::Pare,
                thicknessMm: 3.5,
                skewDeg: 25,
                each: ['left', 'right'],
            ),
            'rough-chisel' => new EdgePattern(EdgeKind::Chisel, EdgeDuty::Rough, thicknessMm: 4),
            'carving-knife' => new EdgePattern(EdgeKind::Knife, EdgeDuty::Pare, 22, 22, 2, widthMm: 18),
        ];
    }

    /** @return array<string, EdgePattern> */
    private static function benchPlanes(): array
    {
        return [
            'smoothing-plane' => new EdgePattern(EdgeKind::PlaneIron, EdgeDuty::Smooth, thicknessMm: 2.5),
            'jack-plane' => new EdgePattern(EdgeKind::PlaneIron, EdgeDuty::Coarse, thicknessMm: 2.5),
            'wide-jack' => new EdgePattern(EdgeKind::PlaneIron, EdgeDuty::General, thicknessMm: 3.2),
            'bevel-up-jack' => new EdgePattern(
                EdgeKind::PlaneIron,
                EdgeDuty::General,
                thicknessMm: 4,
                bedDeg: 12,
                bevelUp: true,
            ),
            'fore-plane' => new EdgePattern(EdgeKind::PlaneIron, EdgeDuty::Coarse, thicknessMm: 2.5, radiusMm: 250),
            'try-plane' => new EdgePattern(EdgeKind::PlaneIron, EdgeDuty::Fit, thicknessMm: 2.5),
            'scrub-plane' => new EdgePattern(EdgeKind::PlaneIron, EdgeDuty::Rough, 25, 30, 3, radiusMm: 75),
            'block-plane' => new EdgePattern(
                EdgeKind::PlaneIron,
                EdgeDuty::Fit,
                thicknessMm: 3,
                bedDeg: 20,
                bevelUp: true,
            ),
            'shooting-plane' => new EdgePattern(
                EdgeKind::PlaneIron,
                EdgeDuty::Fit,
                thicknessMm: 4,
                bedDeg: 45,
                skewDeg: 20,
            ),
            'toothed-iron' => new EdgePattern(EdgeKind::PlaneIron, EdgeDuty::Coarse, thicknessMm: 2.5),
        ];
    }

    /** @return array<string, EdgePattern> */
    private static function joineryPlanes(): array
    {
        $straight = new EdgePattern(EdgeKind::PlaneIron, EdgeDuty::Fit);
        $skewed = new EdgePattern(EdgeKind::PlaneIron, EdgeDuty::Fit, skewDeg: 20, bedDeg: 50);

        return [
            'rebate-plane' => $straight,
            'moving-fillister' => $skewed,
            'skew-rebate-plane' => $skewed,
            'dado-plane' => $skewed,
            'plough-plane' => $straight,
            'plough-irons' => $straight,
            'combination-plane' => $straight,
            'match-planes' => new EdgePattern(
                EdgeKind::PlaneIron,
                EdgeDuty::Fit,
                widthMm: 6,
                each: ['tongue', 'groove'],
            ),
            'shoulder-plane' => new EdgePattern(
                EdgeKind::PlaneIron,
                EdgeDuty::Fit,
                thicknessMm: 4,
                bedDeg: 18,
                bevelUp: true,
            ),
            'router-plane' => new EdgePattern(EdgeKind::PlaneIron, EdgeDuty::Fit, 30, 35, 3, bedDeg: 45),
            'compass-plane' => new EdgePattern(EdgeKind::PlaneIron, EdgeDuty::Fit, thicknessMm: 2.2, widthMm: 45),
        ];
    }

    /** @return array<string, EdgePattern> */
    private static function smallTools(): array
    {
        $spokeshave = new EdgePattern(EdgeKind::Spokeshave, EdgeDuty::Fit, thicknessMm: 2.5, bedDeg: 45, widthMm: 52);

        return [
            'flat-spokeshave' => $spokeshave,
            'round-spokeshave' => $spokeshave,
            'marking-knife' => new EdgePattern(EdgeKind::Knife, EdgeDuty::Pare, 22, 22, 2, widthMm: 15),
            'cutting-gauge' => new EdgePattern(EdgeKind::Knife, EdgeDuty::Pare, 25, 25, 2, widthMm: 8),
            'drawknife' => new EdgePattern(EdgeKind::Drawknife, EdgeDuty::Coarse, 25, 30, 5, widthMm: 250),
            'hatchet' => new EdgePattern(EdgeKind::Axe, EdgeDuty::Rough, 25, 30, 8, widthMm: 110),
            'bench-gouge' => new EdgePattern(EdgeKind::Gouge, EdgeDuty::General, 25, 30, 3, widthMm: 18),
            'wheel-gauge' => new EdgePattern(EdgeKind::GaugeWheel, EdgeDuty::Pare, 25, 25, 2, widthMm: 12),
        ];
    }
}
