<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** The tools by id with what each needs, right down to the last thing needed. */
final class ToolBag
{
    /** @var array<string, ToolOffer> */
    private array $tools = [];

    /** @var array<string, array<string, true>> */
    private array $complete = [];

    /** @param  list<ToolOffer>  $tools without circles */
    public function __construct(array $tools)
    {
        foreach ($tools as $tool) {
            $this->tools[$tool->id] = $tool;
        }
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, true> these tools and everything they need, as keys
     */
    public function withNeeds(array $ids): array
    {
        $all = [];
        foreach ($ids as $id) {
            $all += $this->complete[$id] ??= [$id => true] + $this->withNeeds($this->tools[$id]->needs);
        }

        return $all;
    }

    public function cost(string $id): float
    {
        return $this->tools[$id]->cost;
    }
}
