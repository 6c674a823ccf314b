<?php

declare(strict_types=1);

namespace JackRest\Core\Tool;

/** What a tool asks for beside it and any of several kinds can give. Common practice. */
enum Need: string
{
    /** A way to bring an edge back: without it an edge tool is not a working tool. */
    case Hone = 'hone';
    /** Something to plane or chop against. */
    case Hold = 'hold';
    case Burnish = 'burnish';

    /** @return non-empty-list<string> kinds that give it; where the school has no say the first is taken */
    public function givers(): array
    {
        return match ($this) {
            self::Hone => ['waterstones', 'oilstones', 'diamond-plates', 'paper-on-glass'],
            self::Hold => ['planing-stop', 'bench-vice', 'holdfasts', 'clamps', 'hand-screws'],
            self::Burnish => ['burnisher'],
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Hone => 'a way to sharpen',
            self::Hold => 'something to hold the work against',
            self::Burnish => 'a burnisher to turn its edge',
        };
    }
}
