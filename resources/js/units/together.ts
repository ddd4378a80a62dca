/** A sentence in which no figure parts from its unit, nor a sign from its figure, at the end of a line. */
export function together(sentence: string): string {
    return sentence.replace(/(\d) (?=(?:AWG|mm²|mm2|mV|mΩ|kA|Ah|kWh|Wh|lbf|kg|lb|ft|in|mm|cm|m|km|kn|min|h|s|V|A|W|N|Ω|%|°C|days?|years?)(?![A-Za-z]))/g, '$1\u00a0');
}
