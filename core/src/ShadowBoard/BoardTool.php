<?php

declare(strict_types=1);

namespace JackRest\Core\ShadowBoard;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\Outlines;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\ToolKinds;

/** A tool that shall hang on the board. */
final readonly class BoardTool
{
    /** Forms that stand, lie or are screwed down elsewhere; common practice. */
    private const ELSEWHERE = ['stone', 'plate', 'wheel', 'vice', 'trestle', 'block'];

    public function __construct(public string $id, public string $name, public Group $group, public Outline $outline)
    {
    }

    public static function of(ToolAtHand $tool): self
    {
        return new self($tool->id, $tool->name, ToolKinds::named($tool->kind)->group, Outlines::ofTool($tool));
    }

    /** Whether tools of a kind usually hang on a wall. */
    public static function hangs(string $kind): bool
    {
        return ! in_array(ToolKinds::named($kind)->form, self::ELSEWHERE, true);
    }
}
