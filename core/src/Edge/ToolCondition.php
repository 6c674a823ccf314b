<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Labelled;

/** How a tool that cuts is when it comes in, as far as anybody can tell at a glance; common practice. */
enum ToolCondition: string implements Labelled
{
    case Works = 'works';
    case WantsHoning = 'wants-honing';
    case WantsWork = 'wants-work';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::Works => 'works as it is',
            self::WantsHoning => 'wants sharpening',
            self::WantsWork => 'wants work',
            self::Unknown => 'don’t know',
        };
    }

    /**
     * What it makes of an edge that nobody has looked at yet; null: nothing is wrong with it, or nothing is known.
     * A neglected tool begins with its back, once and in full; a gouge, which has none, with its edge.
     */
    public function needOf(Blade $blade): ?EdgeNeed
    {
        return match ($this) {
            self::WantsHoning => EdgeNeed::Dull,
            self::WantsWork => EdgeNeed::Back->suits($blade) ? EdgeNeed::Back : EdgeNeed::Dull,
            self::Works, self::Unknown => null,
        };
    }
}
