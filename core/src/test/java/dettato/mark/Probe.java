package dettato.mark;
import dettato.sound.*; import dettato.word.*;
import java.util.*;
class Probe {
  public static void main(String[] a){
    AttemptMarker m=new AttemptMarker(Accents.of("en-GB"),Lexicon.shipped());
    for(String p: String.join(" ",a).trim().split("\\s+")){ String[] t=p.split("/",2);
      Word w=Lexicon.shipped().find(t[0],"en-GB").orElse(null); if(w==null){System.out.println(p+" NOT IN LEXICON");continue;}
      Mark k=m.mark(w,t[1].replace('+',' ')); StringBuilder s=new StringBuilder(p+" "+k.result()+" /"+k.readsAs()+"/ ");
      for(int i=0;i<k.units().size();i++){UnitMark u=k.units().get(i); s.append(u.verdict()==Verdict.EXACT?u.written():"["+w.cut().unit(i).grapheme()+"→"+u.written()+" "+u.verdict()+u.confusion().map(c->" "+c).orElse("")+"]").append("·");}
      if(!k.extras().isEmpty()) s.append(" extra"+k.extras()); if(!k.swaps().isEmpty()) s.append(" swap"+k.swaps());
      for(RuleMark r:k.rules()) s.append(" "+r.rule()+"="+r.outcome()); k.realWord().ifPresent(r->s.append(" "+r)); s.append(k.oddities());
      System.out.println(s);} }}
