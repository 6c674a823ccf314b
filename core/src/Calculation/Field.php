<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

use Attribute;

/**
 * Says what a constructor parameter of an input or a result means and which values it may take.
 *
 * The same attribute feeds the reading of JSON, its messages, the JSON Schema and the TypeScript types,
 * so a limit is written once. Limits are in the unit of the field's name.
 */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Field
{
    /**
     * @param  string  $says  what it is, in the words of the trade
     * @param  float|null  $above  the value must be greater than this
     * @param  float|null  $atLeast  the value must be this or greater
     * @param  float|null  $below  the value must be less than this
     * @param  float|null  $atMost  the value must be this or less
     * @param  class-string|'number'|'integer'|'string'|'numbers'|null  $of  what a list holds; numbers: lists of them
     * @param  bool  $keyed  whether the list is an object: values of `of` by any name
     * @param  int  $minItems  fewest entries of a list
     * @param  int|null  $maxItems  most entries of a list
     * @param  list<string>  $among  the only texts it may be; none: any
     */
    public function __construct(
        public string $says,
        public ?float $above = null,
        public ?float $atLeast = null,
        public ?float $below = null,
        public ?float $atMost = null,
        public ?string $of = null,
        public int $minItems = 0,
        public ?int $maxItems = null,
        public bool $keyed = false,
        public array $among = [],
    ) {
    }

    /** The broken limit in words, or null when the value keeps to all of them. */
    public function complaintAbout(float $value): ?string
    {
        return match (true) {
            $this->above !== null && $value <= $this->above => 'must be more than '.self::plain($this->above),
            $this->atLeast !== null && $value < $this->atLeast => 'must be '.self::plain($this->atLeast).' or more',
            $this->below !== null && $value >= $this->below => 'must be less than '.self::plain($this->below),
            $this->atMost !== null && $value > $this->atMost => 'must be '.self::plain($this->atMost).' or less',
            default => null,
        };
    }

    private static function plain(float $limit): string
    {
        return (string) $limit;
    }
}
