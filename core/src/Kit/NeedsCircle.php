<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\FieldError;

/** Finds a tool that, in the end, needs itself. */
final class NeedsCircle
{
    /** @var array<string, list<string>> */
    private array $needs = [];

    /** @var array<string, 'open'|'done'> */
    private array $seen = [];

    /**
     * @param  list<ToolOffer>  $tools
     * @return list<FieldError>
     */
    public static function in(array $tools): array
    {
        $search = new self;
        foreach ($tools as $tool) {
            $search->needs[$tool->id] = $tool->needs;
        }
        foreach ($tools as $index => $tool) {
            $circle = $search->from($tool->id, []);
            if ($circle !== null) {
                return [new FieldError("tools[$index].needs", 'go in a circle: '.implode(' needs ', $circle))];
            }
        }

        return [];
    }

    /**
     * @param  list<string>  $way
     * @return list<string>|null
     */
    private function from(string $id, array $way): ?array
    {
        $way[] = $id;
        if (($this->seen[$id] ?? null) === 'open') {
            return array_slice($way, (int) array_search($id, $way, true));
        }
        if (isset($this->seen[$id])) {
            return null;
        }
        $this->seen[$id] = 'open';
        foreach ($this->needs[$id] as $need) {
            $circle = $this->from($need, $way);
            if ($circle !== null) {
                return $circle;
            }
        }
        $this->seen[$id] = 'done';

        return null;
    }
}
