<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKinds;

/** The tools that count: those whose needs are met. An edge tool without a way to sharpen it is not a working tool. */
final class ToolsAtHand
{
    /** @var array<string, list<ToolAtHand>> every tool, by kind */
    private array $all = [];

    /** @var array<string, list<ToolAtHand>> the tools that count, by kind */
    private array $working;

    /** @param  list<ToolAtHand>  $tools */
    public function __construct(array $tools)
    {
        foreach ($tools as $tool) {
            $this->all[$tool->kind][] = $tool;
        }
        $this->working = $this->all;
        do {
            $before = count($this->working);
            $this->working = array_filter(
                $this->working,
                fn (array $tools, string $kind): bool => $this->unmetNeeds($kind) === [],
                ARRAY_FILTER_USE_BOTH,
            );
        } while (count($this->working) < $before);
    }

    /** @return list<ToolAtHand> those of a kind that count */
    public function of(string $kind): array
    {
        return $this->working[$kind] ?? [];
    }

    /** @return list<ToolAtHand> those of a kind, whether they count yet or not */
    public function owned(string $kind): array
    {
        return $this->all[$kind] ?? [];
    }

    /** @return list<Need|string> what a kind still needs before it counts */
    public function unmetNeeds(string $kind): array
    {
        return array_values(
            array_filter(ToolKinds::named($kind)->needs, fn (Need|string $need): bool => ! $this->gives($need)),
        );
    }

    private function gives(Need|string $need): bool
    {
        foreach ($need instanceof Need ? $need->givers() : [$need] as $giver) {
            if (isset($this->working[$giver])) {
                return true;
            }
        }

        return false;
    }
}
