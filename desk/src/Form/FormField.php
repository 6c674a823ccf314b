<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

use JackRest\Core\Measure\LengthFormatter;

/** One field of a form: what it is called, what it is read as, what is possible in it, what it begins with. */
final readonly class FormField
{
    /**
     * @param  string  $label  empty: the page that shows the field says what it is
     * @param  float  $least  in the quantity's own unit, as $most, $expected, $begins and $step
     * @param  string|null  $complaint  what is said of a figure outside that; null: the limits themselves
     * @param  float|null  $expected  a length 25 times this, or a 25th of it, is asked about
     * @param  float|null  $begins  what it begins with; null: empty
     * @param  float  $step  of an arrow key
     * @param  bool  $isReading  read off the wood at every test, and empty again at the next
     * @param  bool|null  $isAside  asked apart from the first figures, where few look; null: what is not read anew
     * @param  array{string, string}|null  $when  asked only while this choice of the form has this value; null: always
     * @param  string|null  $missing  what is said when it is wanted and nothing was typed; null: it may be left out
     */
    public function __construct(
        public string $name,
        public Quantity $quantity,
        public float $least,
        public float $most,
        public string $label = '',
        public string $hint = '',
        public ?string $complaint = null,
        public ?float $expected = null,
        public ?float $begins = null,
        public float $step = 1.0,
        public bool $isReading = false,
        public ?string $missing = null,
        public ?array $when = null,
        public ?bool $isAside = null,
    ) {
    }

    public function read(string $typed, LengthFormatter $format): Reading
    {
        $reading = $this->quantity->read($typed, $format);
        if ($this->expected !== null && $this->quantity->isLength()) {
            $reading = $reading->beside($this->expected, $format);
        }

        return $reading->within($this->least, $this->most, $this->complaint ?? $this->limits($format));
    }

    /** A value as it would be typed into this field. */
    public function typed(float $value, LengthFormatter $format): string
    {
        return $this->quantity->typed($value, $format);
    }

    /** The same field where so much is expected. */
    public function expecting(?float $expected): self
    {
        /** @var array{name: string, quantity: Quantity, least: float, most: float} $all the others keep their types */
        $all = [...get_object_vars($this), 'expected' => $expected];

        return new self(...$all);
    }

    /** The same field among the first figures, unless it is said to stand aside. */
    public function inFront(): self
    {
        /** @var array{name: string, quantity: Quantity, least: float, most: float} $all the others keep their types */
        $all = [...get_object_vars($this), 'isAside' => $this->isAside ?? false];

        return new self(...$all);
    }

    private function limits(LengthFormatter $format): string
    {
        return "Between {$this->quantity->amount(
            $this->least,
            $format,
        )} and {$this->quantity->amount($this->most, $format)}.";
    }
}
