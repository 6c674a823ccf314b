<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

use ArithmeticError;
use LogicException;
use ReflectionClass;
use ReflectionNamedType;

/** A registered calculation: its name, its title, and the classes of what goes in and comes out. */
final readonly class Entry
{
    /**
     * @param  class-string  $class
     * @param  class-string  $input
     * @param  class-string  $result
     */
    private function __construct(
        public string $name,
        public string $title,
        public bool $searches,
        private string $class,
        private string $input,
        private string $result,
    ) {
    }

    /** @param  class-string  $class */
    public static function for(string $class): self
    {
        $reflection = new ReflectionClass($class);
        $marks = (
            $reflection->getAttributes(Calculates::class)[0] ?? throw new LogicException("$class lacks #[Calculates].")
        )->newInstance();
        $invoke = $reflection->getMethod('__invoke');

        return new self(
            $marks->name,
            $marks->title,
            $marks->searches,
            $class,
            self::className($invoke->getParameters()[0]->getType()),
            self::className($invoke->getReturnType()),
        );
    }

    /**
     * Computes from decoded JSON (objects as `stdClass`) to plain arrays.
     *
     * @return array<string, mixed>
     *
     * @throws InvalidInput
     */
    public function answer(mixed $json): array
    {
        $calculation = new $this->class();
        assert(is_callable($calculation));
        try {
            $result = $calculation(Reader::read($this->input, $json));
        } catch (ArithmeticError) {
            // A divisor that underflowed to nought: the input was out of all reason.
            throw InvalidInput::tooLarge();
        }
        assert(is_object($result));

        return Writer::write($result);
    }

    /** @return array{name: string, title: string, input: array<string, mixed>, output: array<string, mixed>} */
    public function schema(): array
    {
        return [
            'name' => $this->name,
            'title' => $this->title,
            'input' => SchemaWriter::object($this->input),
            'output' => SchemaWriter::object($this->result),
        ];
    }

    /** @return class-string */
    private static function className(mixed $type): string
    {
        $name = $type instanceof ReflectionNamedType ? $type->getName() : '';

        return class_exists($name) ? $name : throw new LogicException('A calculation takes and returns value classes.');
    }
}
