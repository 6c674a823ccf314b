<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

/** Something about a test that is chosen instead of typed. */
final readonly class Choice
{
    /**
     * @param  non-empty-array<string, string>  $options  labels by value; the first is what it begins with
     * @param  bool  $isReading  told anew at every test
     * @param  array{string, string}|null  $when  asked only while another choice has this value; null: always
     */
    public function __construct(
        public string $name,
        public string $label,
        public array $options,
        public string $hint = '',
        public bool $isReading = false,
        public ?array $when = null,
        public ?bool $isAside = null,
    ) {
    }

    /** What was chosen, or what it begins with. */
    public function of(?string $chosen): string
    {
        return $chosen !== null && isset($this->options[$chosen]) ? $chosen : (string) array_key_first($this->options);
    }
}
