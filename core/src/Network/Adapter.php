<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Record\IdWords;
use Dinghy\Record\Record;
use Dinghy\Sonar\SonarFunction;
use Dinghy\Sonar\Transducer;

/** A bought piece of cable with two different plugs. */
final readonly class Adapter implements Link
{
    /** @param  list<SonarFunction>  $passes */
    private function __construct(
        private string $id,
        private string $name,
        private string $from,
        private string $to,
        private array $passes,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->text('from'),
            $record->text('to'),
            array_map(SonarFunction::from(...), $record->texts('passes')),
        );
    }

    /**
     * One that is not aboard yet.
     *
     * @param  string  $id  one that nothing aboard can have
     * @param  string  $name  what it is called where it is bought
     * @param  list<SonarFunction>  $passes
     */
    public static function offered(string $id, string $name, string $from, string $to, array $passes): self
    {
        return new self($id, $name, $from, $to, $passes);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function from(): string
    {
        return $this->from;
    }

    public function to(): string
    {
        return $this->to;
    }

    public function passes(SonarFunction $function, Transducer $transducer): bool
    {
        return in_array($function, $this->passes, true);
    }

    public function label(): string
    {
        return $this->name === '' ? IdWords::the('adapter', $this->id) : $this->name;
    }
}
