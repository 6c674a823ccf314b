<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;

/** A list of fields and what was typed into them: every figure understood or questioned. */
final readonly class Form
{
    /**
     * @param  list<FormField>  $fields
     * @param  array<string, Reading>  $readings  by the fields' names
     */
    private function __construct(public array $fields, public array $readings)
    {
    }

    /**
     * @param  list<FormField>  $fields
     * @param  array<string, string>  $typed  by the fields' names; what is missing counts as not typed
     */
    public static function of(array $fields, array $typed, LengthFormatter $format): self
    {
        $readings = [];
        foreach ($fields as $field) {
            $readings[$field->name] = $field->read($typed[$field->name] ?? '', $format);
        }

        return new self($fields, $readings);
    }

    /**
     * Of readings whose fields follow from one another, or have no limits of their own.
     *
     * @param  array<string, Reading>  $readings
     */
    public static function ofReadings(array $readings): self
    {
        return new self([], $readings);
    }

    /** What was understood; null: nothing was typed there, or it is wrong. */
    public function value(string $name): ?float
    {
        return ($this->readings[$name] ?? null)?->value;
    }

    /** @return array<string, float|null> by name */
    public function values(): array
    {
        return array_map(static fn (Reading $reading): ?float => $reading->value, $this->readings);
    }

    /** @return array<string, float> those that were understood, by name */
    public function given(): array
    {
        return array_filter($this->values(), is_float(...));
    }

    public function isSound(): bool
    {
        return self::areSound($this->readings);
    }

    /** @param  array<Reading>  $readings */
    public static function areSound(array $readings): bool
    {
        foreach ($readings as $reading) {
            if ($reading->error !== null) {
                return false;
            }
        }

        return true;
    }

    /** With one reading judged again, beside the others. */
    public function with(string $name, Reading $reading): self
    {
        return new self($this->fields, [...$this->readings, $name => $reading]);
    }

    public function refused(string $name, string $complaint): self
    {
        return $this->with($name, $this->readings[$name]->refused($complaint));
    }

    public function doubted(string $name, string $doubt, ?string $instead = null): self
    {
        return $this->with($name, $this->readings[$name]->doubted($doubt, $instead));
    }

    /** @return array<string, string> what is still wanted and not wrong, by name */
    public function missing(): array
    {
        $missing = [];
        foreach ($this->fields as $field) {
            $reading = $this->readings[$field->name];
            if ($field->missing !== null && $reading->value === null && $reading->error === null) {
                $missing[$field->name] = $field->missing;
            }
        }

        return $missing;
    }

    /**
     * @param  string  $under  under which the fields' names stand in what was sent; empty: by themselves
     *
     * @throws InvalidInput naming every figure that is wrong, or else every one that is missing
     */
    public function soundOrRefuse(string $under = ''): void
    {
        $wrong = array_filter(
            array_map(static fn (Reading $reading): ?string => $reading->error, $this->readings),
            is_string(...),
        );
        $errors = [];
        foreach ($wrong === [] ? $this->missing() : $wrong as $name => $says) {
            $errors[] = new FieldError(ltrim("$under.$name", '.'), $says);
        }
        if ($errors !== []) {
            throw new InvalidInput($errors);
        }
    }
}
