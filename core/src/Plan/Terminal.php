<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/**
 * A take-off point of a bank: "neg", "pos", "tap:1" (positive of the first battery of string 1, counted from the
 * negative), "pos@2" (positive post of string 2), "neg@1".
 */
final readonly class Terminal
{
    /**
     * @param  int  $string  0-based
     * @param  int  $above  batteries of that string below the terminal: 0 is its negative end
     */
    private function __construct(
        public string $name,
        public int $string,
        public int $above,
    ) {
    }

    /** @return self|null null when the bank has no such terminal */
    public static function of(string $name, Bank $bank): ?self
    {
        [$kind, $number] = preg_match('/^(?:(tap):|(pos|neg)@)(\d+)$/', $name, $match) === 1
            ? [$match[1].$match[2], (int) $match[3]]
            : [$name, 1];
        $string = $kind === 'tap' ? 0 : $number - 1;
        if (! isset($bank->strings[$string])) {
            return null;
        }
        $blocks = count($bank->strings[$string]);
        $above = match ($kind) {
            'neg' => 0,
            'pos' => $blocks,
            default => $number,
        };

        return $above <= $blocks ? new self($name, $string, $above) : null;
    }

    /** The battery post it stands on. */
    public function post(Bank $bank): Post
    {
        return $this->above === 0
            ? $bank->strings[$this->string][0]->minus()
            : $bank->strings[$this->string][max(0, $this->above - 1)]->plus();
    }
}
