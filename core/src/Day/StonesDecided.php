<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

/** What a search for stones has decided on so far: stones by number, edges by their setting. */
final readonly class StonesDecided
{
    /**
     * @param  array<int, bool>  $out  stones taken out for certain
     * @param  array<int, bool>  $shut  stones that stay in the rack
     * @param  array<int, array<int, bool>>  $in  settings that use a stone for certain
     * @param  array<int, array<int, bool>>  $barred  stones that a setting does not use
     */
    private function __construct(public array $out, public array $shut, public array $in, private array $barred)
    {
    }

    public static function none(): self
    {
        return new self([], [], [], []);
    }

    public function take(int $stone): self
    {
        return new self($this->out + [$stone => true], $this->shut, $this->in, $this->barred);
    }

    public function shut(int $stone): self
    {
        return new self($this->out, $this->shut + [$stone => true], $this->in, $this->barred);
    }

    public function let(int $stone, int $setting): self
    {
        $in = $this->in;
        $in[$stone][$setting] = true;

        return new self($this->out, $this->shut, $in, $this->barred);
    }

    public function bar(int $stone, int $setting): self
    {
        $barred = $this->barred;
        $barred[$setting][$stone] = true;

        return new self($this->out, $this->shut, $this->in, $barred);
    }

    /**
     * @param  list<int>  $settings  of each edge
     * @return array<int, array<int, bool>> the stones closed to each setting
     */
    public function closed(array $settings): array
    {
        $closed = [];
        foreach ($settings as $setting) {
            $closed[$setting] ??= $this->shut + ($this->barred[$setting] ?? []);
        }

        return $closed;
    }
}
